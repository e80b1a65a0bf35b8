package fairacre.format;

import com.networknt.schema.Error;
import com.networknt.schema.ExecutionContext;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import fairacre.bill.Amounts;
import fairacre.journal.Kept;
import fairacre.ledger.Entry;
import fairacre.limits.Limits;
import fairacre.limits.RefusedException;
import fairacre.plan.Plan;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * The garden file: {@code {"format": "fairacre-garden", "version": 1, "garden": {...}, "receipts": [...], "journal":
 * [...]}} in UTF-8, at most 8 MB; receipts and journal may be left out.
 *
 * <p>Writing and reading a plan gives an equal plan, and so the same appraisal.
 */
public final class GardenFile {

    public static final String FORMAT = "fairacre-garden";
    /** Of the files that are written; earlier ones are read too. */
    public static final int VERSION = Upcasters.CURRENT.version();
    /** Largest file that is read, in bytes: a garden of a thousand beds has about two million. */
    public static final int LARGEST = 8_000_000;

    private static final int MOST_FAULTS = 50;
    private static final JsonMapper MAPPER = GardenJson.mapper();
    private static final Schema SCHEMA = loadSchema();

    private GardenFile() {}

    private record Envelope(
            String format,
            int version,
            Plan garden,
            List<Entry> receipts,
            List<Variant> variants,
            List<Kept> journal) {}

    /**
     * Another version of the garden.
     *
     * @param name what is otherwise about it
     * @param from the season from which it is meant to differ
     */
    public record Variant(String name, int from, Plan garden) {

        public Variant {
            name = Limits.name(name, "name");
            Limits.season(from, "from");
            Limits.present(garden, "garden");
        }
    }

    /**
     * A garden with its ledger, its variants and its journal.
     *
     * @param receipts in the garden's currency, in the order in which they were entered; pictures of them are not part
     *     of a file
     * @param variants in the garden's currency
     * @param journal in the order in which it was written
     */
    public record Contents(Plan garden, List<Entry> receipts, List<Variant> variants, List<Kept> journal) {

        public Contents {
            journal = journal == null ? List.of() : List.copyOf(journal);
            receipts = receipts == null ? List.of() : List.copyOf(receipts);
            for (int i = 0; i < receipts.size(); i++) {
                receipts.get(i).receipt().checkCurrency(garden.currency(), "receipts/" + i + "/receipt/lines");
            }
            variants = variants == null ? List.of() : List.copyOf(variants);
            for (int i = 0; i < variants.size(); i++) {
                Amounts.sameCurrency(
                        garden.currency(),
                        variants.get(i).garden().budget().sum(),
                        "variants/" + i + "/garden/budget/sum");
            }
        }
    }

    public static byte[] write(Plan plan) {
        return write(new Contents(plan, List.of(), List.of(), List.of()));
    }

    /** @throws RefusedException if the file would be larger than one that is read */
    public static byte[] write(Contents contents) {
        String text = MAPPER.writer()
                .with(SerializationFeature.INDENT_OUTPUT)
                .writeValueAsString(new Envelope(
                        FORMAT,
                        VERSION,
                        contents.garden(),
                        contents.receipts(),
                        contents.variants(),
                        contents.journal()));
        byte[] file = (text + "\n").getBytes(StandardCharsets.UTF_8);
        if (file.length > LARGEST) {
            throw new RefusedException(
                    "",
                    "with its receipts, journal and variants the garden is larger than a file that can be read again, "
                            + LARGEST / 1_000_000 + " MB",
                    "delete variants, or keep all gardens with ./fairacre backup");
        }
        return file;
    }

    /**
     * The plan in a file; the stream is read up to the size limit and not closed.
     *
     * @throws FaultyFileException if it is not a garden file of this version or an earlier one, malformed, or breaks
     *     the schema or the plan's rules
     * @throws IOException if the stream can't be read
     */
    public static Plan read(InputStream stream) throws IOException, FaultyFileException {
        return read(stream.readNBytes(LARGEST + 1));
    }

    /** @throws FaultyFileException as {@link #read(InputStream)} */
    public static Plan read(byte[] file) throws FaultyFileException {
        return contents(file).garden();
    }

    /** @throws FaultyFileException as {@link #read(InputStream)} */
    public static Contents contents(byte[] file) throws FaultyFileException {
        if (file.length > LARGEST) {
            throw faulty("", "the file is larger than " + LARGEST / 1_000_000 + " MB", "a garden file is far smaller");
        }
        JsonNode tree = parse(file);
        upToDate(tree);
        List<Fault> faults = faults(tree);
        if (!faults.isEmpty()) {
            throw new FaultyFileException(faults);
        }
        try {
            Envelope envelope = MAPPER.treeToValue(tree, Envelope.class);
            return new Contents(envelope.garden(), envelope.receipts(), envelope.variants(), envelope.journal());
        } catch (JacksonException refused) {
            throw new FaultyFileException(List.of(Pointers.fault(refused)));
        } catch (RefusedException refused) {
            throw faulty(
                    "/" + refused.refusal().field(),
                    refused.refusal().reason(),
                    refused.refusal().next());
        }
    }

    private static JsonNode parse(byte[] file) throws FaultyFileException {
        try {
            JsonNode tree = MAPPER.readTree(file);
            if (tree == null || tree.isMissingNode()) {
                throw faulty("", "the file is empty", "give a garden file");
            }
            return tree;
        } catch (StreamReadException malformed) {
            TokenStreamLocation at = malformed.getLocation();
            throw faulty(
                    "",
                    "it is not well-formed JSON at line " + at.getLineNr() + ", column " + at.getColumnNr(),
                    "correct it there, or export the garden again");
        } catch (JacksonException malformed) {
            throw new FaultyFileException(List.of(Pointers.fault(malformed)));
        }
    }

    /** Brings a file of an earlier version to this one. */
    private static void upToDate(JsonNode tree) throws FaultyFileException {
        if (!FORMAT.equals(tree.path("format").asString(""))) {
            throw faulty("/format", "this is not a garden file", "it says \"format\": \"" + FORMAT + "\"");
        }
        int version = tree.path("version").asInt(0);
        if (version > VERSION) {
            throw faulty(
                    "/version",
                    "the file is of version " + version + ", this program reads version " + VERSION + " and earlier",
                    "open it with a newer program");
        }
        if (version > 0 && version < VERSION && tree instanceof ObjectNode file && file.get("garden") != null) {
            bringUp(file, version);
            file.path("variants").forEach(variant -> {
                if (variant instanceof ObjectNode object && object.get("garden") != null) {
                    bringUp(object, version);
                }
            });
            file.put("version", VERSION);
        }
    }

    private static void bringUp(ObjectNode holder, int version) {
        holder.set("garden", Upcasters.CURRENT.garden(holder.get("garden"), version));
    }

    /** What breaks the schema, as far as the first {@link #MOST_FAULTS}: a file may hold millions. */
    private static List<Fault> faults(JsonNode tree) {
        FirstErrors errors = new FirstErrors();
        ExecutionContext context = new ExecutionContext();
        context.setErrors(errors);
        try {
            SCHEMA.validate(context, tree);
        } catch (EnoughException enough) {
            // The first ones are told.
        }
        return errors.stream().map(GardenFile::fault).distinct().toList();
    }

    /** Ends the validation when it is full. */
    private static final class FirstErrors extends ArrayList<Error> {
        private static final long serialVersionUID = 1L;

        @Override
        public boolean add(Error error) {
            if (size() >= MOST_FAULTS) {
                throw new EnoughException();
            }
            return super.add(error);
        }

        @Override
        public boolean addAll(Collection<? extends Error> errors) {
            errors.forEach(this::add);
            return true;
        }
    }

    private static final class EnoughException extends RuntimeException {
        private static final long serialVersionUID = 1L;

        EnoughException() {
            super("enough errors", null, false, false);
        }
    }

    private static Fault fault(Error error) {
        String pointer = error.getInstanceLocation().toString();
        String property = error.getProperty();
        String right = switch (Objects.toString(error.getKeyword(), "")) {
            case "required" -> "add \"" + property + "\"";
            case "additionalProperties", "unevaluatedProperties" ->
                "leave \"" + property + "\" out or check its spelling";
            case "type" -> "write a value of the type named";
            case "minimum", "maximum", "exclusiveMinimum" -> "give a value in range";
            case "enum", "const" -> "give one of the values named";
            case "pattern", "format" -> "write it in the form named";
            case "minItems", "maxItems" -> "give as many as named";
            default -> "see the schema at " + error.getSchemaLocation().getFragment();
        };
        return new Fault(pointer, error.getMessage(), right);
    }

    private static FaultyFileException faulty(String pointer, String wrong, String right) {
        return new FaultyFileException(List.of(new Fault(pointer, wrong, right)));
    }

    private static Schema loadSchema() {
        try (InputStream stream = GardenFile.class.getResourceAsStream("garden.schema.json")) {
            String text = new String(stream.readAllBytes(), StandardCharsets.UTF_8);
            return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(text, InputFormat.JSON);
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
