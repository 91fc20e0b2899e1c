"""What is missing in words: what the marks tell of that is not in the store, and where it may still be."""

from collections.abc import Mapping, Sequence

from msgspec import Struct

from daruma.core.backup import VaultFault
from daruma.core.language import tr
from daruma.store.marks import Marked

# in the order in which they are told
_SAID = {
    "backups": (tr("backup"), tr("backups")),
    "acts": (tr("act"), tr("acts")),
    "jobs": (tr("job"), tr("jobs")),
    "saves of jobs": (tr("save of a job"), tr("saves of jobs")),
    "settlements": (tr("settlement"), tr("settlements")),
}
MARKS = tr("the marks")


class Held(Struct, frozen=True):
    """Hold how much a copy has, by kind."""

    name: str
    counts: Mapping[str, int]


def faults_of(marked: Marked | None, damaged: Sequence[str], trouble: str, copies: Sequence[Held]) -> tuple[VaultFault, ...]:
    """Return what marks and store do not agree in."""
    found = [VaultFault(MARKS, line) for line in damaged]
    if trouble:
        found.append(VaultFault(MARKS, trouble))
    if marked is not None and any(marked.missing.values()):
        found.append(VaultFault(tr("the store"), sentence(marked, copies)))
    return tuple(found)


def sentence(marked: Marked, copies: Sequence[Held]) -> str:
    """Return what is missing and where it may be."""
    missing = {name: marked.missing[name] for name in _SAID if marked.missing.get(name)}
    told = ", ".join(f"{count} {_SAID[name][count != 1]}" for name, count in missing.items())
    return tr("{told} that were kept are not in it{where}", told=told, where=_where(marked, missing, copies))


def _where(marked: Marked, missing: Mapping[str, int], copies: Sequence[Held]) -> str:
    there = {**{name: number for name, (number, _) in marked.heads.chains.items()}, "jobs": marked.heads.jobs}
    for copy in copies:
        more = [name for name in missing if copy.counts.get(name, 0) > there.get(name, 0)]
        if more:
            return tr(
                "; copy {copy} holds {more}", copy=copy.name, more=", ".join(f"{copy.counts[name]} {name}" for name in more)
            )
    return tr("; no copy here holds more: look in the shop's second place and on other disks")
