/** The demo kitchen: a shared house before its lantern-night supper. Its numbers are made up and follow the rules. */
package ironpin.web.demo;
