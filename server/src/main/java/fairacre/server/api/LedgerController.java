package fairacre.server.api;

import static fairacre.server.api.Owner.id;

import fairacre.format.CsvFile;
import fairacre.format.WorkbookFile;
import fairacre.ledger.Receipt;
import fairacre.plan.RefusedException;
import fairacre.server.garden.LedgerService;
import java.security.Principal;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
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

    /** A receipt to be entered; {@code again} if one of the same shop, day and sum is there and this is another. */
    record NewEntry(Receipt receipt, boolean again) {}

    @GetMapping
    LedgerService.LedgerPage page(Principal owner, @PathVariable UUID garden, @RequestParam(defaultValue = "0") int page) {
        return ledger.page(id(owner), garden, page);
    }

    /** All receipts, line by line, as a table. */
    @GetMapping(path = "/table.csv", produces = "text/csv")
    ResponseEntity<byte[]> table(Principal owner, @PathVariable UUID garden) {
        return Downloads.download(CsvFile.write(ledger.table(id(owner), garden)), Downloads.CSV, "ledger.csv");
    }

    /** The same as a spreadsheet. */
    @GetMapping(path = "/table.xlsx", produces = Downloads.XLSX)
    ResponseEntity<byte[]> workbook(Principal owner, @PathVariable UUID garden) {
        return Downloads.download(WorkbookFile.write(ledger.table(id(owner), garden)), MediaType.valueOf(Downloads.XLSX), "ledger.xlsx");
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    LedgerService.LedgerPage enter(Principal owner, @PathVariable UUID garden, @RequestBody NewEntry entry) {
        if (entry.receipt() == null) {
            throw new RefusedException("receipt", "there is no receipt", "give one");
        }
        ledger.enter(id(owner), garden, entry.receipt(), entry.again());
        return ledger.page(id(owner), garden, 0);
    }

    @PostMapping("/{entry}/reversal")
    LedgerService.LedgerPage takeBack(Principal owner, @PathVariable UUID garden, @PathVariable UUID entry) {
        ledger.takeBack(id(owner), garden, entry);
        return ledger.page(id(owner), garden, 0);
    }
}
