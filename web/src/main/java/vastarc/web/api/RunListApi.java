package vastarc.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import vastarc.core.base.validation.Outcome;
import vastarc.core.record.weldlog.Deviation;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.web.error.NotFound;
import vastarc.web.format.CoreJson;
import vastarc.web.layout.Pages;
import vastarc.web.store.ListPage;
import vastarc.web.store.run.RunFilter;
import vastarc.web.store.run.RunRecord;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunFormat;
import vastarc.web.store.run.WeldRunQueries;
import vastarc.web.store.run.WeldRunQueries.CompleteRun;
import vastarc.web.store.run.WeldRunQueries.LogbookOrder;
import vastarc.web.store.run.WeldRunService;

/** The logbook as calls: runs in the published format. What changes the shop is taken as {@code application/json} only. */
@RestController
@Tag(name = "runs")
class RunListApi {

    private static final String EXAMPLE =
            "{\"job\":\"Stilling tube\",\"started\":\"2026-11-20T08:15:00Z\",\"material\":\"STAINLESS_316L\",\"currentA\":52,\"verdict\":\"GOOD\"}";

    private final WeldRunService runs;
    private final WeldRunQueries book;

    RunListApi(WeldRunService runs, WeldRunQueries book) {
        this.runs = runs;
        this.book = book;
    }

    /** A page of the logbook. */
    record RunsAnswer(List<JsonNode> runs, int page, int pages, long total) {}

    /** A run with what happened and what differed. */
    record RunDetail(JsonNode run, List<RunEvent> events, List<Deviation> deviations) {}

    @Operation(
            summary = "The logbook, newest first, 25 to a page",
            description = "find: words of job, note, welder or machine; page: from 1.")
    @GetMapping("/api/v1/runs")
    RunsAnswer list(@RequestParam(defaultValue = "") String find, @RequestParam(defaultValue = "1") String page) {
        String words = find.length() > 120 ? find.substring(0, 120) : find;
        ListPage<WeldRun> listed = book.page(RunFilter.named(words), LogbookOrder.NEWEST, Pages.number(page));
        return new RunsAnswer(listed.map(WeldRunFormat::row), listed.page() + 1, listed.pages(), listed.total());
    }

    @Operation(summary = "One run, what happened in it and what differed from its sheet")
    @GetMapping("/api/v1/runs/{id}")
    ResponseEntity<Object> run(@PathVariable UUID id) {
        WeldRun run = runs.find(id).orElseThrow(() -> new NotFound("run"));
        List<Deviation> deviations = runs.record(id)
                .flatMap(document -> document.value())
                .map(RunRecord::findings)
                .orElse(List.of());
        RunDetail detail = new RunDetail(WeldRunFormat.row(run), runs.events(id), deviations);
        return ResponseEntity.ok(CoreJson.answers().valueToTree(detail));
    }

    @Operation(
            summary = "Takes a run into the logbook",
            description = "In the format of /api/formats/run.schema.json. One whose id is known stays as it is.")
    @RefusesBadInput
    @PostMapping(path = "/api/v1/runs", consumes = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<Object> take(HttpServletRequest request) throws IOException {
        Outcome<CompleteRun> read = Calls.body(request, EXAMPLE).then(WeldRunFormat::read);
        return read.value().isEmpty()
                ? Calls.refusal(read.problems())
                : ResponseEntity.status(HttpStatus.CREATED)
                        .body(WeldRunFormat.row(book.take(read.value().get())));
    }
}
