package org.yellowfit.app.web;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file to be saved, rather than shown by the browser. */
public final class Download {

    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");
    private static final MediaType GEO_JSON = MediaType.parseMediaType("application/geo+json");
    private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar;charset=UTF-8");

    private Download() {}

    public static ResponseEntity<String> csv(String name, String text) {
        return of(name, CSV, text);
    }

    public static ResponseEntity<String> geoJson(String name, String text) {
        return of(name, GEO_JSON, text);
    }

    public static ResponseEntity<byte[]> calendar(String name, byte[] file) {
        return of(name, CALENDAR, file);
    }

    public static <T> ResponseEntity<T> json(String name, T body) {
        return of(name, MediaType.APPLICATION_JSON, body);
    }

    /** @param name as it is offered for saving */
    public static <T> ResponseEntity<T> of(String name, MediaType type, T body) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(body);
    }
}
