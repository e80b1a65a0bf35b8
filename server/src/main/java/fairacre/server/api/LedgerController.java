package fairacre.server.api;

import fairacre.format.CsvFile;
import fairacre.format.FaultyFileException;
import fairacre.format.ReceiptText;
import fairacre.format.Scan;
import fairacre.format.WorkbookFile;
import fairacre.ledger.Receipt;
import fairacre.limits.RefusedException;
import fairacre.server.garden.LedgerService;
import fairacre.server.garden.NoSuchGardenException;
import fairacre.server.store.Role;
import java.math.BigDecimal;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Receipts of a garden and how they stand against its bill. */
@RestController
@RequestMapping("/api/gardens/{garden}/ledger")
class LedgerController {

    private final LedgerService ledger;

    LedgerController(LedgerService ledger) {
        this.ledger = ledger;
    }

    /**
     * A receipt to be entered.
     *
     * @param again if one of the same shop, day and sum is there and this is another
     * @param percentOff discount in per cent of the lines' sum, in place of a sum
     */
    record NewEntry(Receipt receipt, boolean again, Optional<BigDecimal> percentOff) {

        NewEntry {
            percentOff = percentOff == null ? Optional.empty() : percentOff;
        }

        Receipt reduced() {
            return percentOff.map(receipt::less).orElse(receipt);
        }
    }

    @GetMapping
    LedgerService.LedgerPage page(Owner owner, @PathVariable UUID garden, @RequestParam(defaultValue = "0") int page) {
        return ledger.page(owner.id(), garden, page);
    }

    /** All receipts, line by line, as a table. */
    @GetMapping(path = "/table.csv", produces = "text/csv")
    ResponseEntity<byte[]> table(Owner owner, @PathVariable UUID garden) {
        return Downloads.download(CsvFile.write(ledger.table(owner.id(), garden)), Downloads.CSV, "ledger.csv");
    }

    /** The same as a spreadsheet. */
    @GetMapping(path = "/table.xlsx", produces = Downloads.XLSX)
    ResponseEntity<byte[]> workbook(Owner owner, @PathVariable UUID garden) {
        return Downloads.download(
                WorkbookFile.write(ledger.table(owner.id(), garden)), MediaType.valueOf(Downloads.XLSX), "ledger.xlsx");
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    @Needs(Role.EDITOR)
    LedgerService.LedgerPage enter(Owner owner, @PathVariable UUID garden, @RequestBody NewEntry entry) {
        if (entry.receipt() == null) {
            throw new RefusedException("receipt", "there is no receipt", "give one");
        }
        ledger.enter(owner.id(), garden, entry.reduced(), entry.again());
        return ledger.page(owner.id(), garden, 0);
    }

    @PostMapping("/{entry}/reversal")
    @Needs(Role.EDITOR)
    LedgerService.LedgerPage takeBack(Owner owner, @PathVariable UUID garden, @PathVariable UUID entry) {
        ledger.takeBack(owner.id(), garden, entry);
        return ledger.page(owner.id(), garden, 0);
    }

    /** The lines of a receipt as they are pasted or saved in a file; nothing is entered. */
    @PostMapping(path = "/lines", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Needs(Role.READER)
    ReceiptText.Found lines(Owner owner, @PathVariable UUID garden, @RequestBody byte[] text)
            throws FaultyFileException {
        return ledger.read(owner.id(), garden, text);
    }

    /** A photo or a PDF of the paper, up to 5 MB. */
    @PutMapping(path = "/{entry}/scan", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Needs(Role.EDITOR)
    void keepScan(
            Owner owner,
            @PathVariable UUID garden,
            @PathVariable UUID entry,
            @RequestBody(required = false) byte[] content) {
        ledger.keepScan(owner.id(), garden, entry, content == null ? new byte[0] : content);
    }

    /** A browser shows it as what it is and runs nothing in it. */
    @GetMapping("/{entry}/scan")
    ResponseEntity<byte[]> scan(Owner owner, @PathVariable UUID garden, @PathVariable UUID entry) {
        Scan scan = ledger.scan(owner.id(), garden, entry).orElseThrow(NoSuchGardenException::new);
        return Downloads.sandboxed(
                scan.type() == Scan.Type.PDF ? ContentDisposition.attachment() : ContentDisposition.inline(),
                scan.content(),
                MediaType.valueOf(scan.type().mediaType()),
                "receipt." + scan.type().name().toLowerCase(Locale.ROOT));
    }
}
