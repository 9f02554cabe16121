/** The Book: judging a lot, looking back, and cooking it again. */
package ironpin.web.book;
