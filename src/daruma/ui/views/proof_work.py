"""What the pages of Proof show, worked out off the interface's thread, and what is saved of them."""

from __future__ import annotations

from pathlib import Path
from typing import TYPE_CHECKING

from daruma.core.job import Job
from daruma.core.kinds.display.work import DisplayWork
from daruma.core.parts import Function
from daruma.core.pictures.primitives import Picture
from daruma.core.white_proof import before_tuning, verdict_of
from daruma.ui.kinds import rooms
from daruma.ui.printing import png_of, write_picture
from daruma.ui.views.evidence import Evidence, Page

if TYPE_CHECKING:
    from daruma.bench.workshop import Workshop


def work_out(ready: Workshop, job: Job) -> Evidence:
    """Return what the pages show of a job."""
    from daruma.core.colour.brightness import judge_brightness
    from daruma.core.colour.coordinates import daylight_line
    from daruma.core.colour.temperature import locus_line

    model, measured = ready.model(job), job.of(DisplayWork).measured
    proof = job.proof(Function.AMBIENT_WHITE)
    white = verdict_of(model.white, job.readings, proof.uncertainty if proof else measured.uv)
    brightness = judge_brightness(model.display, measured.levels, measured.luminance) if measured.levels else None
    sheets = ready.sheets(job) if measured.fields or measured.lights else None
    of_kinds = {each.key: each.worked_out(ready, job) for each in rooms() if each.key}
    lines = locus_line(), daylight_line()
    return Evidence(job, model, white, before_tuning(job, model.white), brightness, sheets, *lines, of_kinds=of_kinds)


def export(job: Job, page: type[Page], picture: Picture, file: Path, when: str) -> Path:
    """Write a picture or the measurements behind it, by the file's name; raise Trouble where that cannot be done."""
    from daruma.handover.svg import to_svg

    match file.suffix.lower():
        case ".svg":
            write_picture(file, to_svg(picture).encode())
        case ".png":
            write_picture(file, png_of(picture))
        case _:
            page.save(job, file, when)
    return file
