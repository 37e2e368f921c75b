/** The Sheet place: the joint on the left, the sheet in the middle, the picture on the right. */
package vastarc.web.sheet;
