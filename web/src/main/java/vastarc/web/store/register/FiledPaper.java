package vastarc.web.store.register;

/**
 * A paper that has a file.
 *
 * @param number of the paper
 * @param name   of the file
 */
record FiledPaper(String number, String name) {}
