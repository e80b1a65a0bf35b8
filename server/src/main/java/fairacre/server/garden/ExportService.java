package fairacre.server.garden;

import fairacre.format.GardenFile;
import fairacre.format.Scan;
import fairacre.journal.JournalEntry;
import fairacre.ledger.Entry;
import fairacre.ledger.Receipt;
import fairacre.plan.Plan;
import fairacre.server.store.GardenStore;
import fairacre.server.store.JournalStore;
import fairacre.server.store.ReceiptStore;
import java.io.IOException;
import java.io.OutputStream;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Service;

/**
 * Everything that an account has, to take away: a folder for each garden with its file, which can be brought back, its
 * photos and its scans of receipts.
 */
@Service
public class ExportService {

    private static final LocalDate FIRST = LocalDate.of(1, 1, 1);
    private static final LocalDate LAST = LocalDate.of(9999, 1, 1);

    private final GardenService gardens;
    private final FileService files;
    private final JournalStore journal;
    private final ReceiptStore receipts;

    ExportService(GardenService gardens, FileService files, JournalStore journal, ReceiptStore receipts) {
        this.gardens = gardens;
        this.files = files;
        this.journal = journal;
        this.receipts = receipts;
    }

    /** Writes a ZIP file; photos and scans are read one after the other. */
    public void write(UUID account, OutputStream to) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(to)) {
            zip.setLevel(Deflater.BEST_SPEED);
            Set<String> taken = new HashSet<>();
            for (GardenStore.Listed garden : gardens.list(account)) {
                write(account, garden.id(), folder(garden.name(), taken), zip);
            }
        }
    }

    private void write(UUID account, UUID garden, String folder, ZipOutputStream zip) throws IOException {
        GardenFile.Contents contents = files.contents(account, garden);
        put(zip, folder + "/" + FileName.of(contents.garden().name()) + ".garden.json", GardenFile.write(contents));
        for (JournalEntry entry : journal.withPhotos(garden, FIRST, LAST, Integer.MAX_VALUE)) {
            Optional<byte[]> photo = journal.photo(garden, entry.id(), true);
            if (photo.isPresent()) {
                put(zip, folder + "/photos/" + entry.day() + " " + entry.id() + ".jpg", photo.get());
            }
        }
        scans(contents.garden(), garden, folder, zip);
    }

    private void scans(Plan plan, UUID garden, String folder, ZipOutputStream zip) throws IOException {
        for (Entry entry : receipts.entered(garden, plan.currency())) {
            Receipt receipt = entry.receipt();
            Optional<Scan> scan = receipts.scan(garden, receipt.id());
            if (scan.isPresent()) {
                String type = scan.get().type().name().toLowerCase(Locale.ROOT);
                put(
                        zip,
                        folder + "/receipts/" + receipt.date() + " " + receipt.id() + "." + type,
                        scan.get().content());
            }
        }
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(content);
        zip.closeEntry();
    }

    /** The garden's name, numbered where two are called the same. */
    private static String folder(String name, Set<String> taken) {
        String base = FileName.of(name);
        String folder = base;
        for (int i = 2; !taken.add(folder.toLowerCase(Locale.ROOT)); i++) {
            folder = base + " " + i;
        }
        return folder;
    }
}
