"""A face module with its lines: what each reads, before and after; the supply while it was activated."""

from __future__ import annotations

from collections.abc import Sequence

from daruma.core.face import LineTest, said_state
from daruma.core.language import figures, tr
from daruma.core.pictures.axes import Axes
from daruma.core.pictures.primitives import Item, Line, Picture, Rect, Text, Tone, cross, tick

_ROW, _HEAD, _LEFT = 26.0, 30.0, 150.0


def module_lines(width: float, tests: Sequence[LineTest]) -> Picture:
    """Return the newest test drawn as the module and its lines, the one before it beside it."""
    if not tests:
        words = tr("The module was not tested yet.")
        return Picture(width, 30, (Text(0, 20, words, Tone.QUIET, 13),), (), words)
    newest, before = tests[-1], tests[-2] if len(tests) > 1 else None
    height = _HEAD + _ROW * len(newest.lines) + 54
    items: list[Item] = [
        Rect(8, _HEAD - 6, 86, _ROW * len(newest.lines), Tone.SHEET, Tone.INK, 1.4),
        Text(51, _HEAD + _ROW * len(newest.lines) / 2 - 8, "module", Tone.INK, 13, "middle"),
        Text(_LEFT, 16, _titled(newest), Tone.INK, 13, bold=True),
    ]
    if newest.through:
        items.append(Rect(100, _HEAD - 2, 22, _ROW * len(newest.lines) - 8, None, Tone.DATA, 1.4, dash=(4, 3)))
        items.append(Text(111, _HEAD + _ROW * len(newest.lines) + 8, tr("extension"), Tone.DATA, 11, "middle"))
    if before is not None:
        items.append(Text(_LEFT + 290, 16, _titled(before), Tone.QUIET, 13))
    for index, (name, ohms, state) in enumerate(newest.lines):
        y = _HEAD + _ROW * index + 8
        normal = state == "normal"
        tone = Tone.INK if normal else Tone.ACT
        items.append(Line(((94, y), (_LEFT - 6, y)), tone, 2.0, () if normal else (5, 4)))
        items.append(Text(_LEFT, y + 5, name, Tone.INK, 13))
        mark = (tick(_LEFT + 90, y, 5, Tone.PROVEN),) if normal else cross(_LEFT + 90, y, 5, Tone.ACT)
        items += mark
        items.append(Text(_LEFT + 105, y + 5, said_state(state), tone, 13))
        items.append(Text(_LEFT + 250, y + 5, _ohms(ohms, state), Tone.DATA, 13, "end"))
        if before is not None and index < len(before.lines):
            _, earlier, was = before.lines[index]
            items.append(Text(_LEFT + 290, y + 5, f"{was}, {_ohms(earlier, was)}", Tone.QUIET, 13))
    foot = _HEAD + _ROW * len(newest.lines) + 34
    facts = tr(
        "link chip {link}   power switch {switch}   activated {counter} times   revision {revision}",
        link=said_state(newest.link),
        switch=said_state(newest.switch),
        counter=newest.counter,
        revision=newest.revision,
    )
    items.append(Text(8, foot, facts + (tr("   repaired before") if newest.repaired else ""), Tone.INK, 13))
    words = "; ".join(f"{name} {said_state(state)}" for name, _, state in newest.lines)
    return Picture(width, height, tuple(items), (), f"{_titled(newest)}: {words}; {facts}.")


def _titled(test: LineTest) -> str:
    return f"{(tr('through the extension') if test.through else tr('module alone'))}, {test.when[11:16]}"


def _ohms(ohms: float, state: str) -> str:
    if state == "open":
        return tr("open")
    return figures("{ohms:.1f} Ω", ohms=ohms) if ohms < 1000 else figures("{ohms:.1f} kΩ", ohms=ohms / 1000)


def supply_trace(width: float, height: float, trace: Sequence[tuple[float, float]]) -> Picture:
    """Return volts and amperes of an activation over its course, with the voltages that are allowed."""
    if not trace:
        words = tr("The supply is drawn here while the module is activated.")
        return Picture(width, 30, (Text(0, 20, words, Tone.QUIET, 13),), (), words)
    half = (width - 70) / 2
    share = [index / max(1, len(trace) - 1) for index in range(len(trace))]
    volts, amperes = [v for v, _ in trace], [a for _, a in trace]
    up = Axes(40, 26, half - 40, height - 60, (0, 1), (min(17.5, *volts), max(20.5, *volts)))
    down = Axes(half + 70, 26, half - 40, height - 60, (0, 1), (0, max(0.4, *amperes)))
    items: list[Item] = [
        Text(40, 16, tr("Volts"), Tone.INK, 13, bold=True),
        *up.grid((), (18, 19, 20)),
        Text(half + 70, 16, tr("Amperes"), Tone.INK, 13, bold=True),
        *down.grid((), (0.1, 0.2, 0.3, 0.4)),
    ]
    for limit in (18.5, 19.5):
        items.append(up.line([(0, limit), (1, limit)], Tone.ACT, 1.2, (5, 4)))
    for limit in (0.15, 0.35):
        items.append(down.line([(0, limit), (1, limit)], Tone.ACT, 1.2, (5, 4)))
    items.append(up.line(list(zip(share, volts, strict=True)), Tone.DATA, 2.0))
    items.append(down.line(list(zip(share, amperes, strict=True)), Tone.DATA, 2.0))
    words = tr(
        "{volts:.2f} to {volts_2:.2f} V, {amperes:.2f} to {amperes_2:.2f} A",
        volts=min(volts),
        volts_2=max(volts),
        amperes=min(amperes),
        amperes_2=max(amperes),
    )
    return Picture(width, height, tuple(items), (), words)
