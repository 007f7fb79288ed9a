package saltdrum.server.api.workshop;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.server.api.Audited;
import saltdrum.server.store.WorkshopStore;

@Tag(name = "workshop")
@RestController
@RequestMapping("/api/workshop")
class WorkshopController {
    /** From lax to strict: at 0.6 about one right word in twenty is marked; docs/benchmarks.md. */
    private static final List<Double> STEPS = List.of(0.3, 0.45, 0.6, 0.75, 0.9);

    private final WorkshopStore workshop;

    WorkshopController(WorkshopStore workshop) {
        this.workshop = workshop;
    }

    record WorkshopView(
            @Schema(description = "Confidence below which a word is unsure") double unsureBelow,
            @Schema(description = "What can be chosen, from lax to strict") List<Double> steps) {}

    record WorkshopRequest(Double unsureBelow) implements FromOutside {}

    @Operation(summary = "What the workshop has settled for every clip")
    @GetMapping
    WorkshopView get() {
        return new WorkshopView(workshop.unsureBelow(), STEPS);
    }

    @Audited("Settled how sure words have to be")
    @PutMapping
    WorkshopView put(@RequestBody WorkshopRequest request) {
        double below = request.unsureBelow();
        if (!(below >= 0 && below <= 1)) {
            throw new BadInputException("A limit for unsure words is between 0 and 1, not " + below + ".");
        }
        workshop.setUnsureBelow(below);
        return get();
    }
}
