package org.yellowfit.core.records;

/** Why a plant was lost, as far as anybody knows (rule J1). */
public enum LossCause {
    WINTER,
    WET,
    DROUGHT,
    SCORCH,
    DEER,
    RABBITS,
    DISEASE,
    OUTGROWN,
    UNKNOWN
}
