"""The session strip: every shot of a measurement as a bead on a cord, what is taken, what is bad, what is at hand."""

from collections.abc import Collection, Sequence

from daruma.core.colour.shots import Shot
from daruma.core.language import tr
from daruma.core.pictures.primitives import Disc, Item, Line, Picture, Rect, Text, Tone

HEIGHT = 46.0


def session_strip(
    width: float, shots: Sequence[Shot], taken: Collection[str], bad: Collection[str], at_hand: str = "", value: str = ""
) -> Picture:
    """Return the strip; `taken` and `bad` are keys of shots, `value` what was read last."""
    left, right, y = 10.0, width - 10.0, 14.0
    step = (right - left) / max(1, len(shots) - 1)
    items: list[Item] = [Line(((left, y), (right, y)), Tone.LINE, 2)]
    for index, shot in enumerate(shots):
        x = left + index * step
        if shot.key == at_hand:
            items.append(Disc(x, y, 9, 9, None, Tone.ACT, 2))
        if shot.key in bad:
            items.append(Rect(x - 4.5, y - 4.5, 9, 9, Tone.ACT))
        elif shot.key in taken:
            items.append(Disc(x, y, 4.5, 4.5, Tone.PROVEN))
        else:
            items.append(Disc(x, y, 4.5, 4.5, Tone.SHEET, Tone.QUIET, 1.4))
    current = next((f"{shot.words}: {value}" if value else shot.words for shot in shots if shot.key == at_hand), "")
    words = tr("{count_set} of {count_shots} taken", count_set=len(set(taken)), count_shots=len(shots))
    if bad:
        words += tr(", {count_set} to repeat", count_set=len(set(bad)))
    items.append(Text(left - 6, HEIGHT - 6, f"{words}. {current}".strip(), Tone.QUIET, 13))
    return Picture(width, HEIGHT, tuple(items), (), f"{words}. {current}".strip())
