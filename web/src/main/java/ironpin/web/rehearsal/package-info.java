/** An evening rehearsed with fingers alone: one decision after another, then what was hidden beside each. */
package ironpin.web.rehearsal;
