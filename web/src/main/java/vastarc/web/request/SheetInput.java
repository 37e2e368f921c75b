package vastarc.web.request;

import vastarc.core.joint.Joint;
import vastarc.core.joint.Practice;

/** What a sheet is made from. */
public record SheetInput(Joint joint, Practice practice) {}
