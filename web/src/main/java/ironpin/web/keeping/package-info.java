/** Answers "is it safe?": backups, and the whole kitchen out and in. */
package ironpin.web.keeping;
