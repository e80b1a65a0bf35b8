package fairacre.format;

import fairacre.appraisal.Appraisal;
import fairacre.ledger.Paid;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.plan.Plan;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalInt;
import tools.jackson.databind.SerializationFeature;

/**
 * {@code appraise GARDEN.json [--season YEAR]}: prints the appraisal of a garden file as JSON on standard output.
 * Without a season the garden is judged as it is planned in the end, in its last season of change. Exit code 0, or 2
 * with one line per fault on standard error.
 */
public final class AppraiseCommand {

    public static final int TAKEN = 0;
    public static final int REFUSED = 2;

    private AppraiseCommand() {}

    public static void main(String[] arguments) {
        PrintStream out = new PrintStream(new FileOutputStream(FileDescriptor.out), false, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(new FileOutputStream(FileDescriptor.err), true, StandardCharsets.UTF_8);
        int code = run(List.of(arguments), out, err);
        out.flush();
        System.exit(code);
    }

    static int run(List<String> arguments, PrintStream out, PrintStream err) {
        try {
            Call call = Call.parse(arguments);
            GardenFile.Contents contents = read(call.file());
            Plan plan = contents.garden();
            List<Integer> seasons = plan.seasonsOfChange();
            int season = plan.seasonInView(call.season().orElse(seasons.get(seasons.size() - 1)));
            Appraisal appraisal = Appraisal.of(plan, season, Paid.of(contents.receipts(), plan.yearBegins()));
            out.println(GardenJson.mapper()
                    .writer()
                    .with(SerializationFeature.INDENT_OUTPUT)
                    .writeValueAsString(appraisal.report()));
            appraisal
                    .failures()
                    .forEach(failure -> err.println("could not be judged: " + failure.part() + ": " + failure.cause()));
            return TAKEN;
        } catch (RefusedException refused) {
            err.println(new Fault(
                            refused.refusal().field(),
                            refused.refusal().reason(),
                            refused.refusal().next())
                    .line());
            return REFUSED;
        } catch (FaultyFileException faulty) {
            faulty.faults().forEach(fault -> err.println(fault.line()));
            return REFUSED;
        }
    }

    private static GardenFile.Contents read(Path file) throws FaultyFileException {
        try (InputStream stream = Files.newInputStream(file)) {
            return GardenFile.contents(stream.readNBytes(GardenFile.LARGEST + 1));
        } catch (IOException unreadable) {
            throw fault("", file + " can't be read", "give the path of a garden file");
        }
    }

    private static FaultyFileException fault(String pointer, String wrong, String right) {
        return new FaultyFileException(List.of(new Fault(pointer, wrong, right)));
    }

    private record Call(Path file, OptionalInt season) {

        private static final String USAGE = "call it as: appraise GARDEN.json [--season YEAR]";

        static Call parse(List<String> arguments) throws FaultyFileException {
            if (arguments.size() != 1 && arguments.size() != 3) {
                throw fault("", "one garden file is needed", USAGE);
            }
            Path file = Path.of(arguments.get(0));
            if (arguments.size() == 1) {
                return new Call(file, OptionalInt.empty());
            }
            if (!arguments.get(1).equals("--season") || !arguments.get(2).matches("\\d{4}")) {
                throw fault("", "\"" + arguments.get(1) + " " + arguments.get(2) + "\" is not understood", USAGE);
            }
            int season = Integer.parseInt(arguments.get(2));
            if (season < Limits.FIRST_SEASON || season > Limits.LAST_SEASON) {
                throw fault(
                        "",
                        "season " + season + " is out of range",
                        "give a year from " + Limits.FIRST_SEASON + " to " + Limits.LAST_SEASON);
            }
            return new Call(file, OptionalInt.of(season));
        }
    }
}
