package fairacre.bench;

import fairacre.server.RunningServer;
import fairacre.server.Visitor;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.LocalDate;
import java.util.Locale;
import java.util.UUID;
import java.util.function.Supplier;
import javax.imageio.ImageIO;

/**
 * What a page of a long journal costs, as a ratio to that of one with 20 entries, within one run: processor time of the
 * program, and how long the client waits, which counts the database.
 */
final class JournalRatio {

    private static final int FEW = 20;
    private static final int MANY = 20_000;
    private static final int PHOTOS = 2_000;
    private static final int SEASON = 2025;
    private static final int FIRST = 300;
    private static final int MEASURED = 300;
    private static final double NANOSECONDS = 1e6;

    private JournalRatio() {}

    static void print() throws IOException {
        RunningServer server = RunningServer.straight();
        Visitor visitor = Visitor.signedUp(server);
        String few = written(visitor, FEW, 0);
        String many = written(visitor, MANY, PHOTOS);
        System.out.println("| page | 20 entries | 20,000 entries, 2,000 photos | ratio | waited | waited | ratio |");
        System.out.println("|---|---|---|---|---|---|---|");
        print(visitor, "first", few, many, "/journal?season=" + SEASON + "&page=0");
        print(visitor, "last", few, many, "/journal?season=" + SEASON + "&page=399");
        server.stop();
    }

    private static void print(Visitor visitor, String name, String few, String many, String path) {
        Measured small = measured(() -> visitor.get(few + path));
        Measured large = measured(() -> visitor.get(many + path));
        System.out.printf(
                Locale.ROOT,
                "| %s | %.2f ms | %.2f ms | %.1f | %.1f ms | %.1f ms | %.1f |%n",
                name,
                small.cost.milliseconds(),
                large.cost.milliseconds(),
                large.cost.milliseconds() / small.cost.milliseconds(),
                small.waited,
                large.waited,
                large.waited / small.waited);
    }

    /** @param waited milliseconds from asking to having read the answer, the mean */
    private record Measured(ServedCost cost, double waited) {}

    private static Measured measured(Supplier<Visitor.Answer> request) {
        ServedCost.of(request, FIRST);
        long before = System.nanoTime();
        ServedCost cost = ServedCost.of(request, MEASURED);
        return new Measured(cost, (System.nanoTime() - before) / NANOSECONDS / MEASURED);
    }

    /** A garden with so many entries, the first of them with photos: its address. */
    private static String written(Visitor visitor, int entries, int photos) throws IOException {
        String garden = "/api/gardens/" + visitor.garden();
        byte[] photo = photo();
        LocalDate first = LocalDate.of(SEASON, 1, 1);
        for (int i = 0; i < entries; i++) {
            UUID id = UUID.randomUUID();
            String entry = "{\"id\":\"" + id + "\",\"day\":\"" + first.plusDays(i % 365)
                    + "\",\"harvest\":{\"crop\":\"" + (i % 2 == 0 ? "tomato" : "carrot")
                    + "\",\"kilograms\":0.5},\"note\":\"Entry " + i + "\"}";
            taken(visitor.post(garden + "/journal", entry));
            if (i < photos) {
                taken(visitor.send("PUT", garden + "/journal/" + id + "/photo", "application/octet-stream", photo));
            }
        }
        return garden;
    }

    private static void taken(Visitor.Answer answer) {
        if (answer.status() != 204) {
            throw new IllegalStateException(answer.text());
        }
    }

    private static byte[] photo() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB), "jpg", bytes);
        return bytes.toByteArray();
    }
}
