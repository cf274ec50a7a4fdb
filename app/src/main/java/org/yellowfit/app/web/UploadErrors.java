package org.yellowfit.app.web;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.multipart.MultipartException;
import org.yellowfit.app.words.Sentences;

/**
 * Files that do not arrive. One that is too large never comes this far: the server turns it away, and the error page
 * says so.
 */
@ControllerAdvice
class UploadErrors {

    private static final Logger LOG = LoggerFactory.getLogger(UploadErrors.class);

    @ExceptionHandler(MultipartException.class)
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    String broken(MultipartException e, Model model) {
        LOG.debug("A file that did not arrive", e);
        model.addAttribute("headline", Sentences.say("error.headline.upload"));
        model.addAttribute("text", Sentences.say("error.text.upload"));
        return "error";
    }
}
