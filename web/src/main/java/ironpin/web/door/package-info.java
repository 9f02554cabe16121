/** Answers "who may come in?": codes, devices, guests and scripts. */
package ironpin.web.door;
