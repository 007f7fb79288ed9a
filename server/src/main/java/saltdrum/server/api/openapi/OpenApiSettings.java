package saltdrum.server.api.openapi;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import saltdrum.core.MayBeMissing;
import saltdrum.core.delivery.Retention;
import saltdrum.core.edit.Edit;
import saltdrum.core.look.Ink;
import saltdrum.core.look.LookPatch;
import saltdrum.core.look.TextShadow;
import saltdrum.core.motion.Accent;
import saltdrum.core.motion.Spoken;
import saltdrum.core.paint.Paint;
import saltdrum.core.paint.PaintLayer;
import saltdrum.core.scene.Mark;
import saltdrum.server.api.clip.ClipView;
import saltdrum.server.api.clip.FootageController;
import saltdrum.server.api.job.OrderController;
import saltdrum.server.api.job.WorkController;
import saltdrum.server.api.people.JoiningController;
import saltdrum.server.api.people.PeopleController;
import saltdrum.server.api.people.PersonView;
import saltdrum.server.api.people.SessionController;
import saltdrum.server.api.review.ReviewView;
import saltdrum.server.api.review.SharedController;
import saltdrum.server.api.review.SharedView;
import saltdrum.server.api.track.PlanController;
import saltdrum.server.work.order.OrderAsked;

@Configuration
class OpenApiSettings {
    static {
        SpringDocUtils.getConfig()
                .replaceWithSchema(LookPatch.class, new Schema<>().$ref("#/components/schemas/Patch"));
    }

    /** The only fields of answers that may be missing; null is never written. */
    private static final Set<String> OPTIONAL_IN_ANSWERS = Set.of(
            "ScenePatch.before",
            "TrackHead.undo",
            "TrackHead.redo",
            "TermView.sayAs",
            "BroughtIn.proposed",
            "ClipView.client",
            "DraftSettings.style",
            "PreviewView.refusal",
            "CueGiven.showMs",
            "CueGiven.hideMs",
            "CueGiven.settings",
            "Frame.typed",
            "Proposal.edit",
            "SizeView.shortSide",
            "Found.shared",
            "Finding.measured",
            "Finding.limit",
            "Finding.reason",
            "Remedy.measured",
            "Headline.toMs",
            "Headline.look",
            "Bars.picture",
            "Bars.top",
            "Bars.bottom",
            "FrameLayout.backdrop",
            "JobView.secondsLeft",
            "JobView.turn",
            "WordView.emoji",
            "MendingOffer.edit",
            "JobView.message",
            "JobView.outputName",
            "JobView.fileName",
            "ClientStyleView.style",
            "PolicyView.opposite",
            "Word.look",
            "Cue.look",
            "Backing.outline",
            "Backing.shadow",
            "Rim.join",
            "Group.clip",
            "Group.each",
            "ValueParts.blank",
            "ValuePart.of",
            "CameWith.family",
            "CameWith.refused");

    /** Records that say of their own parts what may be missing. */
    private static final List<Class<?>> TELLING = List.of(
            OrderAsked.class,
            OrderAsked.How.class,
            PlanController.PlanLine.class,
            PlanController.EstimateView.class,
            OrderController.OrderLine.class,
            ClipView.class,
            FootageController.FootageView.class,
            PersonView.class,
            SessionController.SessionView.class,
            PeopleController.InvitationView.class,
            JoiningController.JoiningView.class,
            ReviewView.class,
            ReviewView.RemarkView.class,
            SharedView.class,
            SharedController.SharedRow.class,
            WorkController.WorkerView.class,
            WorkController.UnderWayView.class,
            Retention.class);

    /** Those, and what an edit need not say. */
    private static final Set<String> OPTIONAL = Stream.concat(
                    OPTIONAL_IN_ANSWERS.stream(),
                    Stream.concat(TELLING.stream(), Edit.kinds().stream().map(JsonSubTypes.Type::value))
                            .flatMap(edit -> Arrays.stream(edit.getRecordComponents()))
                            .filter(part -> part.isAnnotationPresent(MayBeMissing.class))
                            .map(part -> part.getDeclaringRecord().getSimpleName() + "." + part.getName()))
            .collect(Collectors.toUnmodifiableSet());

    /** Types of which JSON says the kind. */
    private static final List<Class<?>> UNIONS = List.of(
            Edit.class,
            Mark.class,
            PaintLayer.class,
            Paint.class,
            Accent.class,
            Spoken.class,
            Ink.class,
            TextShadow.class);

    @Bean
    OpenAPI describedApi() {
        return new OpenAPI().info(new Info().title("Salt Drum").version("1").description("Captions for short videos."));
    }

    /** Records say nothing of null to the generator: every field but the optional ones is required in answers. */
    @Bean
    OpenApiCustomizer requiredFields() {
        return api -> {
            api.setServers(List.of());
            LookSchemas.add(api);
            UNIONS.forEach(union -> UnionSchemas.add(api, union));
            api.getComponents().getSchemas().forEach((name, schema) -> {
                // A look that is changed says only some of it.
                if (!name.equals("Patch") && !name.endsWith("Request") || name.equals("EditRequest")) {
                    require(name, schema);
                }
            });
        };
    }

    private static void require(String name, Schema<?> schema) {
        if (schema.getProperties() != null) {
            List<String> required = new ArrayList<>(schema.getProperties().keySet());
            required.removeIf(field -> OPTIONAL.contains(name + "." + field));
            schema.setRequired(required);
        }
    }
}
