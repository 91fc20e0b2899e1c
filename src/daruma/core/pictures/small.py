"""Small pictures: write budget and sockets."""

from collections.abc import Mapping

from daruma.core.budget import WriteBudget
from daruma.core.language import tr
from daruma.core.model import socket_name
from daruma.core.parts import PartSelf
from daruma.core.pictures.primitives import Item, Line, Picture, Rect, Text, Tone, tick


def write_budget(width: float, budget: WriteBudget) -> Picture:
    """Return the tally of a part's writes: had, sure, perhaps."""
    odds = tr("takes the next with {next_odds:.0f} % chance", next_odds=100 * budget.next_odds())
    if not budget.limits:
        words = tr("{counted} writes counted; this model has no known limit.", counted=budget.counted)
        return Picture(
            width, 44, (Text(0, 16, tr("{counted} counted, no known limit", counted=budget.counted), Tone.INK, 13),), (), words
        )
    most = max(budget.limits)
    sure = budget.counted + (budget.sure_left() or 0)
    side, gap = 24.0, 8.0
    items: list[Item] = []
    for index in range(most):
        x = index * (side + gap)
        if index < budget.counted:
            items += [Rect(x, 0, side, side, Tone.INK, alpha=0.85), tick(x + side / 2, side / 2, 6, Tone.SHEET)]
        elif index < sure:
            items.append(Rect(x + 1, 1, side - 2, side - 2, None, Tone.PROVEN, 2))
        else:
            items.append(Rect(x + 1, 1, side - 2, side - 2, None, Tone.QUIET, 1.5, dash=(3, 3)))
    sure_left, most_left = budget.sure_left() or 0, budget.most_left() or 0
    left = tr("{sure_left} sure", sure_left=sure_left) + (
        tr(", up to {most_left}", most_left=most_left) if most_left != sure_left else ""
    )
    items.append(
        Text(
            most * (side + gap) + 6,
            11,
            tr("{counted} had, {left} left", counted=budget.counted, left=left),
            Tone.INK,
            13,
            bold=True,
        )
    )
    items.append(Text(most * (side + gap) + 6, 28, odds, Tone.QUIET, 12))
    return Picture(
        width,
        34,
        tuple(items),
        (),
        tr("{counted} writes had, {left} left; {odds}.", counted=budget.counted, left=left, odds=odds),
    )


_NARROWEST = 46.0  # px of a socket that can still be read
_REST = 170.0  # px for the words of those that are not drawn


def socket_view(width: float, sockets: Mapping[str, PartSelf | None], wanted: str, powered: bool) -> Picture:
    """Return what is plugged in where; the socket that the job needs stands out."""
    if not sockets:
        return Picture(width, 40, (Text(0, 18, tr("No programmer answers."), Tone.ACT, 13),), (), tr("No programmer answers."))
    shown_sockets = {name: part for name, part in sockets.items() if part is not None or name == wanted}
    if (width - 4) / len(sockets) >= _NARROWEST:
        shown_sockets = dict(sockets)
    hidden = len(sockets) - len(shown_sockets)
    side = min(92.0, (width - 4 - (_REST if hidden else 0)) / max(1, len(shown_sockets)))
    items: list[Item] = []
    words = []
    if hidden:
        items.append(
            Text(len(shown_sockets) * side + 4, 28, tr("{hidden} other places are empty", hidden=hidden), Tone.QUIET, 12)
        )
    for index, (name, part) in enumerate(shown_sockets.items()):
        x = index * side + 1
        mine = name == wanted
        tone = Tone.INK if mine else Tone.LINE
        items.append(Rect(x, 1, side - 8, 46, None, tone, 2 if mine else 1))
        items += [Line(((x + 6 + k * 6, 1), (x + 6 + k * 6, 6)), tone, 1.5) for k in range(int((side - 16) / 6))]
        size = min(12.0, 1.75 * (side - 10) / len(socket_name(name)))  # a letter is a little over half as wide as it is high
        items.append(Text(x + (side - 8) / 2, 21, socket_name(name), Tone.INK if mine else Tone.QUIET, size, "middle", bold=mine))
        if part is not None:
            items.append(Rect(x + 4, 27, side - 16, 16, Tone.DATA, alpha=0.9 if powered else 0.5))
            shown = part.die[-6:] if side >= 58 else part.die[-4:]
            items.append(Text(x + (side - 8) / 2, 40, shown, Tone.SHEET, 11, "middle", mono=True))
            words.append(tr("socket {name}: {part} by {maker}", name=socket_name(name), part=part.name(), maker=part.maker))
        else:
            items.append(Text(x + (side - 8) / 2, 40, tr("empty"), Tone.QUIET, 11, "middle"))
    return Picture(width, 50, tuple(items), (), "; ".join(words) or tr("all sockets are empty"))
