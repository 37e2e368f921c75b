package vastarc.web.store.disk;

/** The disk has no room for the copy that is made before a database is brought up to date. */
final class NoRoomForUpdate extends RuntimeException {

    NoRoomForUpdate(long freeMb, long wantedMb) {
        super(
                "Vast Arc cannot start: this release has to bring the shop up to date and makes a copy of it before. The disk that holds the shop has "
                        + freeMb + " MB left; " + wantedMb
                        + " MB are wanted.");
    }
}
