/** What printed pages share: letters of the scripts that cooks write in. */
package ironpin.web.paper;
