package org.yellowfit.app.web;

import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.yellowfit.app.words.Refusals;
import org.yellowfit.app.words.Sentences;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;

/** Errors of the screens, in plain words. */
@ControllerAdvice(annotations = Controller.class)
class ScreenErrors {

    private static final Logger LOG = LoggerFactory.getLogger(ScreenErrors.class);

    @ExceptionHandler(NotFound.class)
    @ResponseStatus(HttpStatus.NOT_FOUND)
    String notFound(NotFound e, Model model) {
        model.addAttribute("status", HttpStatus.NOT_FOUND.value());
        model.addAttribute("text", Refusals.say(e.refusal()));
        return "error";
    }

    /** What a form did not tell at its field. */
    @ExceptionHandler(InvalidInput.class)
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    String invalid(InvalidInput e, Model model) {
        model.addAttribute("status", HttpStatus.UNPROCESSABLE_CONTENT.value());
        String told = e.problems().stream().map(ScreenErrors::atItsField).collect(Collectors.joining(" "));
        model.addAttribute("text", told + " " + Sentences.say("error.go-back"));
        return "error";
    }

    /** The field by the name it has on its page, or by the one it was sent under. */
    private static String atItsField(Problem problem) {
        String field = problem.field();
        return field.isEmpty()
                ? Refusals.say(problem)
                : Sentences.say(
                        "error.at-field", Sentences.find("field." + field).orElse(field), Refusals.say(problem));
    }

    @ExceptionHandler(MethodArgumentTypeMismatchException.class)
    @ResponseStatus(HttpStatus.NOT_FOUND)
    String noSuchAddress(MethodArgumentTypeMismatchException e, Model model) {
        LOG.debug("An address that names nothing", e);
        model.addAttribute("status", HttpStatus.NOT_FOUND.value());
        return "error";
    }
}
