"""What is missing in words: what marks and copies tell of that is not in the store, and where it may still be."""

from collections.abc import Mapping, Sequence

from msgspec import Struct

from daruma.core.backup import VaultFault
from daruma.core.language import tr
from daruma.store.copy_memory import Held
from daruma.store.progress import COMMITS, Counts, Progress, joined, lacking

# in the order in which they are told
_SAID = {
    "backups": (tr("backup"), tr("backups")),
    "acts": (tr("act"), tr("acts")),
    "jobs": (tr("job"), tr("jobs")),
    "saves of jobs": (tr("save of a job"), tr("saves of jobs")),
    "settlements": (tr("settlement"), tr("settlements")),
    "saves of the shelf": (tr("save of a part on the shelf"), tr("saves of parts on the shelf")),
    "recordings": (tr("piece of a recording"), tr("pieces of recordings")),
    "measurements": (tr("measurement"), tr("measurements")),
    "purges": (tr("purge"), tr("purges")),
}
_CHANGES = (tr("change"), tr("changes"))
MARKS = tr("the marks")


class Missing(Struct, frozen=True):
    """Hold of how many rows of each kind others tell that a store has not; how far they and the store have come."""

    counts: Counts
    known: Progress
    here: Progress


def faults_of(missing: Missing, damaged: Sequence[str], trouble: str, copies: Sequence[Held]) -> tuple[VaultFault, ...]:
    """Return what marks and store do not agree in."""
    found = [VaultFault(MARKS, line) for line in damaged]
    if trouble:
        found.append(VaultFault(MARKS, trouble))
    if any(missing.counts.values()):
        found.append(VaultFault(tr("the store"), sentence(missing, copies)))
    return tuple(found)


def sentence(missing: Missing, copies: Sequence[Held]) -> str:
    """Return what is missing and where it may be."""
    return tr("{told} that were kept are not in it{where}", told=_counted(missing.counts), where=_where(missing, copies))


def _counted(counts: Mapping[str, int]) -> str:
    told = [f"{counts[name]} {_SAID[name][counts[name] != 1]}" for name in _SAID if counts.get(name)]
    if not told:
        changes = counts.get(COMMITS, 0)
        told = [f"{changes} {_CHANGES[changes != 1]}"]
    return ", ".join(told)


def _where(missing: Missing, copies: Sequence[Held]) -> str:
    for copy in copies:
        # what of the missing rows the copy has as well
        short, still = lacking(missing.known, missing.here), lacking(missing.known, joined(missing.here, copy.progress))
        held = {name: count - still.get(name, 0) for name, count in short.items() if count > still.get(name, 0)}
        if held:
            return tr("; copy {copy} holds {more} of them", copy=copy.name, more=_counted(held))
    return tr("; no copy here holds more: look in the shop's second place and on other disks")
