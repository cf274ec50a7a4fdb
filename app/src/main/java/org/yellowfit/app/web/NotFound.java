package org.yellowfit.app.web;

/** What was asked for is not there, or not any more. The message is shown to the person. */
public class NotFound extends RuntimeException {

    public NotFound(String message) {
        super(message);
    }
}
