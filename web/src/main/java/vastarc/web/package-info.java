/**
 * The places of the interface and the API: one package a place, each with its controller, its page record and its templates of the
 * same name. {@code job} keeps the shop's jobs; {@code request} reads what a form or a script sends into the core's joint and
 * practice; {@code drawing} turns a sheet into lines in millimetres; {@code ui} holds what every page shares.
 */
@NullMarked
package vastarc.web;

import org.jspecify.annotations.NullMarked;
