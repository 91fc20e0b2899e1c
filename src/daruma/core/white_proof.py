"""Readings of a job's white, gathered for the verdict and its plot."""

from collections.abc import Sequence
from math import isfinite

from daruma.core.colour.chromaticity import mean_xyz
from daruma.core.colour.follow import LightSample, WhitePoint, WhiteVerdict, judge
from daruma.core.colour.light_names import lamp_name
from daruma.core.job import Job, Reading
from daruma.core.language import tr
from daruma.core.model import WhitePath
from daruma.core.parts import Function

# standard uncertainty (u'v') assumed for a plot that has no proof behind it yet (ours)
ASSUMED_UNCERTAINTY = 0.0005


def fault_of(reading: Reading) -> str:
    """Return why a reading cannot be judged, in one sentence; empty where it can."""
    for what, xyz in ((tr("white"), reading.screen), (tr("light"), reading.ambient)):
        if not all(isfinite(value) for value in xyz):
            return tr("Under {light} light the {what} was read as no number.", light=lamp_name(reading.light), what=what)
        if min(xyz) <= 0:
            return tr(
                "Under {light} light the {what} gives nothing in {channels}: no white is like that.",
                light=lamp_name(reading.light),
                what=what,
                channels="XYZ"[xyz.index(min(xyz))],
            )
    return ""


def samples_of(readings: Sequence[Reading]) -> tuple[LightSample, ...]:
    """Return readings gathered by light, in the order in which the lights came; those that cannot be judged are left out."""
    samples = []
    readings = [reading for reading in readings if not fault_of(reading)]
    for light in dict.fromkeys(reading.light for reading in readings):
        own = [reading for reading in readings if reading.light == light]
        # readings of one light by two instruments are as sure as the lesser one
        instrument = max(r.uv for r in own) or None
        samples.append(LightSample(light, tuple(r.screen for r in own), mean_xyz([r.ambient for r in own]), instrument))
    return tuple(samples)


def verdict_of(path: WhitePath, readings: Sequence[Reading], uncertainty: float = ASSUMED_UNCERTAINTY) -> WhiteVerdict | None:
    """Judge readings; None where there are none that can be judged."""
    samples = samples_of(readings)
    return judge(path, samples, uncertainty) if samples else None


def before_tuning(job: Job, path: WhitePath) -> tuple[WhitePoint, ...]:
    """Return the whites of the newest proof that a tuning has overtaken; none where there was none."""
    earlier = [proof for proof in job.proofs if proof.function is Function.AMBIENT_WHITE and proof.overtaken and proof.readings]
    verdict = verdict_of(path, earlier[-1].readings, earlier[-1].uncertainty) if earlier else None
    return verdict.points if verdict is not None else ()
