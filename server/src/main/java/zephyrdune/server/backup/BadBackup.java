package zephyrdune.server.backup;

/** A file that is no backup, not a whole one, or a newer one than is known here. */
final class BadBackup extends Exception {

    private static final long serialVersionUID = 1;

    BadBackup(String why) {
        super(why);
    }
}
