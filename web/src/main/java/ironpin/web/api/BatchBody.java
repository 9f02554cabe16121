package ironpin.web.api;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** Takes a body that is read as text, so that its errors can say their place, and is documented as the batch that it holds. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Operation(
        requestBody =
                @RequestBody(
                        description = "A batch after /api/v1/schemas/batch-1.json.",
                        required = true,
                        content = @Content(mediaType = "application/json", schema = @Schema(ref = BatchBody.SCHEMA))))
@interface BatchBody {
    /** The published form of a batch, in the API's own description. */
    String SCHEMA = "#/components/schemas/IronpinBatch";
}
