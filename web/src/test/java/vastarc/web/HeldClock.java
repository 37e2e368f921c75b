package vastarc.web;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** A clock that stands until it is moved on. */
public final class HeldClock extends Clock {

    private Instant now = Instant.parse("2026-11-25T08:00:00Z");

    public void pass(Duration time) {
        now = now.plus(time);
    }

    @Override
    public Instant instant() {
        return now;
    }

    @Override
    public ZoneId getZone() {
        return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return this;
    }
}
