"""Merge two versions of a job that grew from one: field by field, lists that only grow by what each has added."""

from collections.abc import Mapping
from typing import Any

from msgspec.structs import replace

from daruma.core.job import Job
from daruma.core.parts import PartKind

GROWING = frozenset({"outcomes", "proofs", "recordings", "heats", "closing", "standins"})  # only ever added to
PARTS = "parts"  # of job and ticket: each part for itself
_OWN = frozenset({"number", "uid", "revision"})


class Clash(Exception):
    """Report fields that both versions have changed, each in its own way."""

    def __init__(self, names: list[str]) -> None:
        super().__init__(", ".join(names))
        self.fields = names


def merged(base: Job | None, mine: Job, kept: Job) -> Job:
    """Return the job with what each version changed since `base`; raise Clash where both changed the same.

    Without a base every field that differs is a clash. The result carries identity and revision of `kept`.
    """
    values, clashes = _merged(base, mine, kept, _OWN)
    if "ticket" in clashes and base is not None:
        ticket, inner = _merged(base.ticket, mine.ticket, kept.ticket, frozenset())
        if not inner:
            clashes.remove("ticket")
            values["ticket"] = replace(kept.ticket, **ticket)
    if clashes:
        raise Clash(clashes)
    return replace(kept, **values)


def _merged(base: Any, mine: Any, kept: Any, own: frozenset[str]) -> tuple[dict[str, Any], list[str]]:
    values: dict[str, Any] = {}
    clashes = []
    for name in (each for each in kept.__struct_fields__ if each not in own):
        before, here, there = getattr(base, name, None), getattr(mine, name), getattr(kept, name)
        if here == there:
            continue
        if base is not None and here == before:
            values[name] = there
        elif base is not None and there == before:
            values[name] = here
        elif base is not None and name in GROWING and _grew(before, here) and _grew(before, there):
            values[name] = (*there, *here[len(before or ()) :])
        elif base is not None and name == PARTS and (both := _parts(before, here, there)) is not None:
            values[name] = both
        else:
            clashes.append(name)
    return values, clashes


def _parts(before: Any, here: Mapping[PartKind, Any], there: Mapping[PartKind, Any]) -> dict[PartKind, Any] | None:
    """Return the parts with what each version changed of each; None where both changed the same of one."""
    found = {}
    for kind in dict.fromkeys((*there, *here)):
        was, mine, kept = before.get(kind), here.get(kind), there.get(kind)  # type: Any, Any, Any
        taken = kept if mine == was else mine
        if mine != kept and was not in (mine, kept):
            if None in (was, mine, kept):
                return None
            values, clashes = _merged(was, mine, kept, frozenset())
            if clashes:
                return None
            taken = replace(kept, **values)
        if taken is not None:
            found[kind] = taken
    return found


def _grew(before: Any, after: Any) -> bool:
    return tuple(after[: len(before)]) == tuple(before)
