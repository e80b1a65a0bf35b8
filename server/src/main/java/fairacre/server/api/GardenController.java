package fairacre.server.api;

import static fairacre.server.api.Downloads.CSV;
import static fairacre.server.api.Downloads.download;

import fairacre.appraisal.AppraisalReport;
import fairacre.cost.CostStudy;
import fairacre.drawing.CuttingSheet;
import fairacre.drawing.PdfSheet;
import fairacre.drawing.PngSheet;
import fairacre.drawing.Scale;
import fairacre.drawing.SettingOutSheet;
import fairacre.drawing.SheetDrawing;
import fairacre.drawing.SnagSheet;
import fairacre.drawing.SvgSheet;
import fairacre.format.BillTable;
import fairacre.format.CsvFile;
import fairacre.format.DxfFile;
import fairacre.format.FaultyFileException;
import fairacre.format.GardenFile;
import fairacre.format.PlanGeoJson;
import fairacre.format.PriceFile;
import fairacre.format.Table;
import fairacre.format.WorkbookFile;
import fairacre.judging.Snag;
import fairacre.limits.RefusedException;
import fairacre.outline.Point;
import fairacre.plan.Change;
import fairacre.plan.Plan;
import fairacre.plan.StandingBed;
import fairacre.server.garden.FileService;
import fairacre.server.garden.GardenService;
import fairacre.server.garden.HistoryEntry;
import fairacre.server.store.GardenStore;
import fairacre.server.store.Role;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Gardens of whoever is signed in. */
@RestController
@RequestMapping("/api/gardens")
class GardenController {

    private static final MediaType SVG = MediaType.valueOf("image/svg+xml");
    /** As registered with IANA. */
    private static final String DXF = "image/vnd.dxf";

    private final GardenService gardens;
    private final FileService files;
    private final Followers followers;
    private final Clock clock;

    GardenController(GardenService gardens, FileService files, Followers followers, Clock clock) {
        this.gardens = gardens;
        this.files = files;
        this.followers = followers;
        this.clock = clock;
    }

    /**
     * An edit.
     *
     * @param revision at which the gardener made it
     * @param key the browser's own name for it; left out, a lost answer may lead to making it twice
     */
    record Edit(long revision, UUID key, Change change) {}

    /** A change to be judged, seen in a season. */
    record Trial(int season, Change change) {}

    /** Undo and redo say at which revision they were asked for. */
    record AtRevision(long revision) {}

    @GetMapping
    List<GardenStore.Listed> list(Owner owner) {
        return gardens.list(owner.id());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    GardenView create(Owner owner, @RequestBody NewGarden garden) {
        return GardenView.of(gardens.create(owner.id(), garden.plan(UUID.randomUUID())));
    }

    @PostMapping(path = "/import", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ResponseStatus(HttpStatus.CREATED)
    GardenView importFile(
            Owner owner,
            @io.swagger.v3.oas.annotations.parameters.RequestBody(content = @Content(schema = @Schema(type = "object")))
                    @RequestBody
                    byte[] file)
            throws FaultyFileException {
        return GardenView.of(files.bring(owner.id(), GardenFile.contents(file)));
    }

    @GetMapping("/{garden}")
    GardenView get(Owner owner, @PathVariable UUID garden) {
        return GardenView.of(gardens.get(owner.id(), garden));
    }

    /**
     * The garden in small.
     *
     * @param ground corners of each piece of ground
     * @param beds corners of each bed that stands
     */
    record Picture(List<List<Point>> ground, List<List<Point>> beds) {}

    /** As it is in the present season, or in its first if that is yet to come. */
    @GetMapping("/{garden}/picture")
    Picture picture(Owner owner, @PathVariable UUID garden) {
        Plan plan = gardens.get(owner.id(), garden).plan();
        int season = Math.max(plan.firstSeason(), Plan.season(LocalDate.now(clock), plan.yearBegins()));
        return new Picture(
                plan.site().pieces(),
                plan.standing(season).stream().map(StandingBed::corners).toList());
    }

    /** What a garden is to be called. */
    record Name(String name) {}

    @PutMapping("/{garden}/name")
    @Needs(Role.EDITOR)
    GardenView rename(Owner owner, @PathVariable UUID garden, @RequestBody Name name) {
        return GardenView.of(gardens.rename(owner.id(), owner.account(), garden, name.name()));
    }

    /** A garden of one's own like this one, without its edits, receipts and journal. */
    @PostMapping("/{garden}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    @Needs(Role.READER)
    GardenView copy(Owner owner, @PathVariable UUID garden) {
        return GardenView.of(gardens.copy(owner.id(), garden, owner.account()));
    }

    /** What was deleted and can still be brought back. */
    @GetMapping("/deleted")
    List<GardenStore.Deleted> deleted(Owner owner) {
        return gardens.deleted(owner.id());
    }

    @PostMapping("/deleted/{id}")
    GardenView bringBack(Owner owner, @PathVariable UUID id) {
        return GardenView.of(gardens.bringBack(owner.id(), id));
    }

    /** It can be brought back for a week. */
    @DeleteMapping("/{garden}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(Owner owner, @PathVariable UUID garden) {
        gardens.delete(owner.id(), garden);
    }

    @GetMapping("/{garden}/appraisal")
    AppraisalReport appraisal(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return gardens.appraise(owner.id(), garden, season);
    }

    /** The same without remedies, which is there sooner; previews tell the difference from it. */
    @GetMapping("/{garden}/judgement")
    GardenService.Judgement judgement(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        return gardens.judge(owner.id(), garden, season);
    }

    @PostMapping("/{garden}/previews")
    @Needs(Role.READER)
    GardenService.Preview preview(Owner owner, @PathVariable UUID garden, @RequestBody Trial trial) {
        return gardens.preview(owner.id(), garden, given(trial.change()), trial.season());
    }

    @PostMapping("/{garden}/changes")
    @Needs(Role.EDITOR)
    GardenView change(Owner owner, @PathVariable UUID garden, @RequestBody Edit edit) {
        return GardenView.of(
                gardens.change(owner.id(), owner.account(), garden, edit.revision(), edit.key(), given(edit.change())));
    }

    @PostMapping("/{garden}/undo")
    @Needs(Role.EDITOR)
    GardenView undo(Owner owner, @PathVariable UUID garden, @RequestBody AtRevision at) {
        return GardenView.of(gardens.undo(owner.id(), owner.account(), garden, at.revision()));
    }

    @PostMapping("/{garden}/redo")
    @Needs(Role.EDITOR)
    GardenView redo(Owner owner, @PathVariable UUID garden, @RequestBody AtRevision at) {
        return GardenView.of(gardens.redo(owner.id(), owner.account(), garden, at.revision()));
    }

    @GetMapping("/{garden}/history")
    List<HistoryEntry> history(Owner owner, @PathVariable UUID garden) {
        return gardens.history(owner.id(), garden);
    }

    /** Goes back to before an edit, as one edit. */
    @PostMapping("/{garden}/history/{entry}/back")
    @Needs(Role.EDITOR)
    GardenView goBack(Owner owner, @PathVariable UUID garden, @PathVariable long entry, @RequestBody AtRevision at) {
        return GardenView.of(gardens.goBack(owner.id(), owner.account(), garden, entry, at.revision()));
    }

    /**
     * Tells from now on when the garden has come further than a revision.
     *
     * @param last what the browser was told last, when it asks again by itself
     */
    @GetMapping(path = "/{garden}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(
            Owner owner,
            @PathVariable UUID garden,
            @RequestParam long revision,
            @RequestHeader(name = "Last-Event-ID", required = false) Long last) {
        return followers.follow(owner, garden, last == null ? revision : Math.max(last, revision));
    }

    @GetMapping(path = "/{garden}/file", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<byte[]> file(Owner owner, @PathVariable UUID garden) {
        GardenFile.Contents contents = files.contents(owner.id(), garden);
        String name = contents.garden().name() + ".garden.json";
        return download(GardenFile.write(contents), MediaType.APPLICATION_JSON, name);
    }

    @GetMapping(path = "/{garden}/sheet.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> svg(
            Owner owner,
            @PathVariable UUID garden,
            @RequestParam int season,
            @RequestParam String scale,
            @RequestParam(defaultValue = "false") boolean snags) {
        SheetDrawing sheet = sheet(owner, garden, season, scale, snags);
        return download(SvgSheet.write(sheet), SVG, named(sheet, scale) + ".svg");
    }

    /** The sheet as a picture. */
    @GetMapping(path = "/{garden}/sheet.png", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> png(
            Owner owner,
            @PathVariable UUID garden,
            @RequestParam int season,
            @RequestParam String scale,
            @RequestParam(defaultValue = "false") boolean snags) {
        SheetDrawing sheet = sheet(owner, garden, season, scale, snags);
        return download(PngSheet.write(sheet), MediaType.IMAGE_PNG, named(sheet, scale) + ".png");
    }

    @GetMapping(path = "/{garden}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(
            Owner owner,
            @PathVariable UUID garden,
            @RequestParam int season,
            @RequestParam String scale,
            @RequestParam(defaultValue = "false") boolean snags) {
        Plan plan = inView(owner, garden, season);
        List<Snag> numbered = snags(owner, garden, season, snags);
        SheetDrawing sheet = SheetDrawing.of(plan, season, Scale.of(scale), numbered);
        List<SheetDrawing> pages = Stream.concat(
                        Stream.of(sheet), snags ? SnagSheet.of(plan.name(), season, numbered).stream() : Stream.empty())
                .toList();
        return download(PdfSheet.write(pages), MediaType.APPLICATION_PDF, named(sheet, scale) + ".pdf");
    }

    /** The plot with its empty beds, to hang up and to write in. */
    @GetMapping(path = "/{garden}/outline.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> outline(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestParam String scale) {
        SheetDrawing sheet = SheetDrawing.outline(inView(owner, garden, season), season, Scale.of(scale));
        return download(PdfSheet.write(List.of(sheet)), MediaType.APPLICATION_PDF, named(sheet, scale) + ".pdf");
    }

    @GetMapping(path = "/{garden}/outline.svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> outlineAsSvg(
            Owner owner, @PathVariable UUID garden, @RequestParam int season, @RequestParam String scale) {
        SheetDrawing sheet = SheetDrawing.outline(inView(owner, garden, season), season, Scale.of(scale));
        return download(SvgSheet.write(sheet), SVG, named(sheet, scale) + ".svg");
    }

    private SheetDrawing sheet(Owner owner, UUID garden, int season, String scale, boolean snags) {
        return SheetDrawing.of(
                inView(owner, garden, season), season, Scale.of(scale), snags(owner, garden, season, snags));
    }

    /** "Lampwright's Yard 2028, 1-50, A3": what somebody looks for who prints it. */
    private static String named(SheetDrawing sheet, String scale) {
        return sheet.title() + ", " + Scale.of(scale).label().replace(" ", "").replace(':', '-') + ", " + sheet.paper();
    }

    /** In the order of their numbers, if they are wanted. */
    private List<Snag> snags(Owner owner, UUID garden, int season, boolean wanted) {
        return wanted ? gardens.appraise(owner.id(), garden, season).snags() : List.of();
    }

    /** The plot of a season for programs that construct, in metres. */
    @GetMapping(path = "/{garden}/plan.dxf", produces = DXF)
    ResponseEntity<byte[]> dxf(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = inView(owner, garden, season);
        return download(DxfFile.of(plan, season), MediaType.valueOf(DXF), plan.name() + " " + season + ".dxf");
    }

    /** The same for maps. */
    @GetMapping(path = "/{garden}/plan.geojson", produces = Downloads.GEO_JSON)
    ResponseEntity<byte[]> geoJson(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        Plan plan = inView(owner, garden, season);
        return download(
                PlanGeoJson.of(plan, season),
                MediaType.parseMediaType(Downloads.GEO_JSON),
                plan.name() + " " + season + ".geojson");
    }

    /** The figures for staking out a season's beds. */
    @GetMapping(path = "/{garden}/setting-out.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> settingOut(Owner owner, @PathVariable UUID garden, @RequestParam int season) {
        List<SheetDrawing> pages = SettingOutSheet.of(inView(owner, garden, season), season);
        return download(
                PdfSheet.write(pages), MediaType.APPLICATION_PDF, pages.get(0).title() + ".pdf");
    }

    /** How the boards of a season are cut, and the frames they make. */
    @GetMapping(path = "/{garden}/cutting.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> cutting(
            Owner owner,
            @PathVariable UUID garden,
            @RequestParam int season,
            @RequestParam(defaultValue = "") Set<UUID> beds) {
        List<SheetDrawing> pages = CuttingSheet.of(inView(owner, garden, season), season, StudyController.chosen(beds));
        return download(
                PdfSheet.write(pages), MediaType.APPLICATION_PDF, pages.get(0).title() + ".pdf");
    }

    /** What to buy over all seasons. */
    @GetMapping(path = "/{garden}/bill.csv", produces = "text/csv")
    ResponseEntity<byte[]> bill(Owner owner, @PathVariable UUID garden) {
        Plan plan = gardens.get(owner.id(), garden).plan();
        return download(CsvFile.write(bill(plan)), CSV, plan.name() + ".bill.csv");
    }

    /** The same as a spreadsheet. */
    @GetMapping(path = "/{garden}/bill.xlsx", produces = Downloads.XLSX)
    ResponseEntity<byte[]> billWorkbook(Owner owner, @PathVariable UUID garden) {
        Plan plan = gardens.get(owner.id(), garden).plan();
        return download(WorkbookFile.write(bill(plan)), MediaType.valueOf(Downloads.XLSX), plan.name() + ".bill.xlsx");
    }

    private static Table bill(Plan plan) {
        return BillTable.of(plan, CostStudy.of(plan).bill());
    }

    /** The price book, to be filled in elsewhere. */
    @GetMapping(path = "/{garden}/prices.csv", produces = "text/csv")
    ResponseEntity<byte[]> prices(Owner owner, @PathVariable UUID garden) {
        Plan plan = gardens.get(owner.id(), garden).plan();
        return download(PriceFile.csv(plan), CSV, plan.name() + ".prices.csv");
    }

    /**
     * What a file of prices would change; nothing is changed yet. Parameters say what our columns are called in the
     * file.
     */
    @PostMapping(path = "/{garden}/prices", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @Needs(Role.READER)
    PriceFile.Reading readPrices(
            Owner owner,
            @PathVariable UUID garden,
            @RequestBody byte[] file,
            @RequestParam(required = false) String item,
            @RequestParam(required = false) String price,
            @RequestParam(required = false) String shop,
            @RequestParam(required = false) String date)
            throws FaultyFileException {
        Map<String, String> columns = new HashMap<>();
        columns.put("item", item);
        columns.put("price", price);
        columns.put("shop", shop);
        columns.put("date", date);
        columns.values().removeIf(Objects::isNull);
        return PriceFile.read(gardens.get(owner.id(), garden).plan(), file, columns);
    }

    /** The plan, if it can be looked at in this season. */
    private Plan inView(Owner owner, UUID garden, int season) {
        Plan plan = gardens.get(owner.id(), garden).plan();
        plan.seasonInView(season);
        return plan;
    }

    private static Change given(Change change) {
        if (change == null) {
            throw new RefusedException("change", "there is no change", "say what is to be changed");
        }
        return change;
    }
}
