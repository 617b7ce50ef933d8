package welumen.files.outside;

import java.util.Random;

/** Text as a fault of a disk or a hand would leave it: letters changed, cut out and doubled at random, or cut short. */
public final class Scrambled {
    private static final String SIGNS = "{}[],:\"0e-.tx\u0000\u202e";

    private Scrambled() {}

    public static String text(String whole, Random random) {
        var text = new StringBuilder(whole);
        for (var i = 0; i < 1 + random.nextInt(6) && !text.isEmpty(); i++) {
            var at = random.nextInt(text.length());
            var to = Math.min(text.length(), at + random.nextInt(40));
            switch (random.nextInt(4)) {
                case 0 -> text.setCharAt(at, (char) (32 + random.nextInt(95)));
                case 1 -> text.setCharAt(at, SIGNS.charAt(random.nextInt(SIGNS.length())));
                case 2 -> text.delete(at, to);
                default -> text.insert(at, text.substring(at, to));
            }
        }
        if (random.nextInt(8) == 0) text.setLength(random.nextInt(text.length() + 1));
        return text.toString();
    }
}
