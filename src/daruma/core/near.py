"""Near misses: what a typed code nearly is, among everything known, and where the two differ."""

from collections.abc import Mapping

from msgspec import Struct

from daruma.core.language import tr
from daruma.core.serials import LOOK_ALIKE, clean

MOST_EDITS = 2


class NearMiss(Struct, frozen=True):
    """Hold a known code that a typed one nearly is: whose it is, the code, and each difference in words."""

    whose: str
    code: str
    differences: tuple[str, ...]

    @property
    def sentence(self) -> str:
        """Return the near miss in words."""
        return tr("nearly that of {whose}: {differences}", whose=self.whose, differences=", ".join(self.differences))


def near_misses(typed: str, known: Mapping[str, str]) -> tuple[NearMiss, ...]:
    """Return the known codes (by whose they are) that a typed one misses by at most two edits, the nearest first.

    An edit is a character too many, one missing, a wrong one or two neighbours swapped (optimal string alignment).
    """
    from rapidfuzz.distance import OSA  # needed only where a code was typed

    mine, found = clean(typed), []
    for whose, code in known.items():
        distance = OSA.distance(mine, clean(code), score_cutoff=MOST_EDITS)
        if 0 < distance <= MOST_EDITS:
            found.append((distance, NearMiss(whose, code, _differences(mine, clean(code)))))
    return tuple(miss for _, miss in sorted(found, key=lambda each: each[0]))


def _differences(typed: str, code: str) -> tuple[str, ...]:
    from rapidfuzz.distance import Levenshtein

    swap = _swapped(typed, code)
    if swap is not None:
        return (tr("characters {swap} and {swap_2} are swapped", swap=swap + 1, swap_2=swap + 2),)
    return tuple(_said(edit.tag, edit.src_pos, edit.dest_pos, typed, code) for edit in Levenshtein.editops(typed, code))


def _swapped(typed: str, code: str) -> int | None:
    """Return where two neighbours are swapped, if that is the only difference."""
    places = [i for i, (a, b) in enumerate(zip(typed, code, strict=False)) if a != b]
    alone = len(typed) == len(code) and len(places) == 2 and places[1] == places[0] + 1
    return places[0] if alone and typed[places[0]] == code[places[1]] and typed[places[1]] == code[places[0]] else None


def _said(tag: str, here: int, there: int, typed: str, code: str) -> str:
    match tag:
        case "delete":
            return tr("character {here}, {typed}, is one too many", here=here + 1, typed=typed[here])
        case "insert":
            return tr("after character {here} one is missing: {code}", here=here, code=code[there])
        case _:
            alike = LOOK_ALIKE.get(typed[here], typed[here]) == LOOK_ALIKE.get(code[there], code[there])
            return tr(
                "character {here} is {typed}, not {code}{alike}",
                here=here + 1,
                typed=typed[here],
                code=code[there],
                alike=tr(" (they look alike)") if alike else "",
            )
