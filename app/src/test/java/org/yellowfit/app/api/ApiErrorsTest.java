package org.yellowfit.app.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;

/** Even a fault of ours answers as every error of the API does, and tells nothing of its insides. */
class ApiErrorsTest {

    @Test
    void aFaultIsAProblemDocumentToo() {
        ResponseEntity<ProblemDetail> answer =
                new ApiErrors().unforeseen(new IllegalStateException("row 7 of table x"));
        assertThat(answer.getStatusCode().value()).isEqualTo(500);
        assertThat(answer.getHeaders().getContentType()).isEqualTo(MediaType.APPLICATION_PROBLEM_JSON);
        assertThat(answer.getBody()).isNotNull().satisfies(problem -> {
            assertThat(problem.getDetail()).contains("the fault is ours").doesNotContain("row 7");
            assertThat(problem.getProperties()).containsEntry("errors", List.of());
        });
    }
}
