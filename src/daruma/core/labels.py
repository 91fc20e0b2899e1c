"""Labels: the code by which a part or a job is known to a scanner, and what stands beside it."""

import re
from collections.abc import Mapping

from msgspec import Struct

from daruma.core.job import Job
from daruma.core.language import day, tr
from daruma.core.shelf import ShelfPart

PART, JOB = "DP-", "DJ-"
CODE = re.compile(r"D[PJ]-[0-9A-Za-z._-]{4,64}")


class Label(Struct, frozen=True):
    """Hold what one label says: the code, the name in large type, further lines."""

    code: str
    name: str
    lines: tuple[str, ...]


def label_of_part(part: ShelfPart, model: str, grade: str) -> Label:
    """Return the label of a part on the shelf."""
    lines = (f"{part.maker}, {grade}".strip(", "), part.die, part.place or part.source)
    return Label(PART + part.die, f"{model} {part.name.rpartition(' ')[0].lower()}", tuple(line for line in lines if line))


def label_of_job(job: Job, names: Mapping[str, str]) -> Label:
    """Return the label that goes with a phone through the shop."""
    lines = (names.get(job.ticket.model, ""), tr("opened {opened}", opened=day(job.opened)), job.ticket.complaint[:60])
    return Label(JOB + job.uid, job.name, tuple(line for line in lines if line))


class Scanned(Struct, frozen=True):
    """Hold what a scanned code names: a part by its die, or a job by its identity."""

    die: str = ""
    job: str = ""


def scanned(text: str) -> Scanned | None:
    """Return what a text names that came from a scanner, None where it is no code of ours."""
    code = text.strip()
    if not CODE.fullmatch(code):
        return None
    known_by = code[len(PART) :]
    return Scanned(die=known_by) if code.startswith(PART) else Scanned(job=known_by)
