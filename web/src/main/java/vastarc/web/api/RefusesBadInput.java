package vastarc.web.api;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.http.MediaType;

/** Describes what a call that takes a joint answers to bad input and to what is out of scope. */
@ApiResponse(
        responseCode = "400",
        description = "Bad input: every bad field is named at once, with what would work",
        content =
                @Content(
                        mediaType = MediaType.APPLICATION_PROBLEM_JSON_VALUE,
                        schema = @Schema(implementation = ProblemAnswer.class)))
@ApiResponse(
        responseCode = "422",
        description = "Understood, but out of scope, such as aluminium or a square edge too thick for one pass",
        content =
                @Content(
                        mediaType = MediaType.APPLICATION_PROBLEM_JSON_VALUE,
                        schema = @Schema(implementation = ProblemAnswer.class)))
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@interface RefusesBadInput {}
