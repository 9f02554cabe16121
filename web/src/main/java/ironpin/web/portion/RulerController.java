package ironpin.web.portion;

import ironpin.plan.BatchPlan;
import ironpin.store.BatchStore;
import ironpin.web.numbers.OwnNumbers;
import ironpin.web.page.Plans;
import ironpin.web.page.Units;
import ironpin.web.paper.Paper;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The ruler to cut a lot's ropes along, to print. */
@Controller
class RulerController {
    private final BatchStore batches;
    private final Plans plans;

    RulerController(BatchStore batches, Plans plans) {
        this.batches = batches;
        this.plans = plans;
    }

    @GetMapping("/batches/{id}/ruler.svg")
    ResponseEntity<String> svg(@PathVariable long id, @RequestParam int lot, HttpServletRequest request) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("image/svg+xml"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"cutting-ruler.svg\"")
                .body(RulerSvg.of(page(id, lot, request)));
    }

    @GetMapping("/batches/{id}/ruler.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable long id, @RequestParam int lot, HttpServletRequest request) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"cutting-ruler.pdf\"")
                .body(RulerPdf.of(page(id, lot, request), Paper.of(request)));
    }

    /** @throws ironpin.refusal.NotThere if the batch has no such lot */
    private RulerPage page(long id, int lot, HttpServletRequest request) {
        BatchPlan plan = plans.of(batches.load(id));
        plan.batch().lot(lot);
        return RulerPage.of(plan.lot(lot), Units.of(request), OwnNumbers.of(request));
    }
}
