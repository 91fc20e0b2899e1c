"""The thread map: what the board expects, who carries it, which thread is whole, and what hangs on it."""

from collections.abc import Mapping, Sequence
from typing import TypeVar

from daruma.core.language import inner, tr
from daruma.core.pairing import CONDITION_TEXT, Condition, ConditionState, ThreadState, Verdict
from daruma.core.parts import IDENTITY_LABEL, PART_LABEL, Function, Identity
from daruma.core.pictures.primitives import Disc, Item, Line, Picture, Rect, Spot, Text, Tone, cross, curve, tick
from daruma.core.serials import grouped
from daruma.core.tri import Tri

_TONE = {Tri.YES: Tone.PROVEN, Tri.NO: Tone.ACT, Tri.UNKNOWN: Tone.QUIET}
_WORD = {Tri.YES: tr("holds"), Tri.NO: tr("does not hold"), Tri.UNKNOWN: tr("not known yet")}
TOP = 26.0
ROOMY = 24.0  # height of a row that holds a name and a value below it
CLOSE = 13.0  # the least that a row of one line needs
_THREAD = 1.75  # rows of a condition that a thread takes
_WAITS = {
    Condition.PANEL_CALIBRATION: tr("panel calibration"),
    Condition.BRIGHTNESS_CURVE: tr("brightness curve"),
    Condition.TOUCH_CHIP_SOUND: tr("the touch chip"),
    Condition.SENSOR_FLEX_SOUND: tr("the sensor flex"),
    Condition.DISPLAY_FINISHED: tr("the finishing"),
    Condition.DOT_MAP_READABLE: tr("the dot map"),
    Condition.LINK_LINES_NORMAL: tr("the link lines"),
    Condition.CELL_SOUND: tr("the cell"),
    Condition.GAUGE_ANSWERS: tr("the gauge"),
    Condition.BATTERY_FINISHED: tr("the battery's finishing"),
    Condition.FLASHED_AFTER_SWAP: tr("the flashing"),
    Condition.SWEEP_DONE: tr("the sweep"),
    Condition.MOTOR_SOUND: tr("the motor"),
}
_K = TypeVar("_K")
_V = TypeVar("_V")


def thread_map(
    width: float, height: float, verdicts: Sequence[Verdict], labels: Mapping[Function, str], chosen: Function | None = None
) -> Picture:
    """Return the map of some functions; the chosen one's threads stand out, the others step back."""
    threads = _unique({t.identity: t for v in verdicts for t in v.threads})
    conditions = _unique({c.condition: c for v in verdicts for c in v.conditions})
    places = _places([t.identity for t in threads], [c.condition for c in conditions], height)
    columns = _Columns(width)
    lit = _lit(verdicts, chosen)
    items: list[Item] = [*columns.heads()]
    roomy = len(places) < 2 or _row_height(places, threads) >= ROOMY
    for thread in threads:
        items += _thread(thread, columns, places[thread.identity], thread.identity in lit or chosen is None, roomy)
    for state in conditions:
        items += _condition(state, columns, places[state.condition], state.condition in lit or chosen is None)
    spots: list[Spot] = []
    gap = (height - TOP - 6) / max(len(verdicts), 1)
    for index, verdict in enumerate(verdicts):
        y = TOP + gap * (index + 0.5)
        items += _function(verdict, labels[verdict.function], columns, y, gap, places, chosen)
        words = f"{labels[verdict.function]}: {verdict.reason}"
        spots.append(Spot(verdict.function.value, columns.function - 14, y - gap / 2, width - columns.function + 14, gap, words))
    words = " ".join(f"{labels[v.function]} {_WORD[v.holds]}. {v.reason}" for v in verdicts)
    return Picture(width, height, tuple(items), tuple(spots), words)


def has_room(height: float, verdicts: Sequence[Verdict]) -> bool:
    """Return whether each row of a map of that height has room for its text; a map of one thing always has."""
    rows = {t.identity for v in verdicts for t in v.threads} | {c.condition for v in verdicts for c in v.conditions}
    return len(rows) < 2 or (height - TOP - 6) / len(rows) >= CLOSE


def _row_height(places: Mapping[Identity | Condition, float], threads: Sequence[ThreadState]) -> float:
    """Return how high a thread's row is: twice the way from the top to the first one's middle."""
    return 2 * (places[threads[0].identity] - TOP) if threads else 99.0


def _places(threads: Sequence[Identity], conditions: Sequence[Condition], height: float) -> dict[Identity | Condition, float]:
    """Return the height of each row: a thread has two lines of text where there is room, a condition one."""
    room, share = height - TOP - 6, _THREAD
    if threads and room / (_THREAD * len(threads) + len(conditions)) * _THREAD < ROOMY:
        share = 1.0
    step = min(26.0, room / max(share * len(threads) + len(conditions), 1.0))
    places: dict[Identity | Condition, float] = {}
    y = TOP
    keys: list[tuple[Identity | Condition, float]] = [*((t, share) for t in threads), *((c, 1.0) for c in conditions)]
    for key, rows in keys:
        places[key] = y + step * rows / 2
        y += step * rows
    return places


class _Columns:
    def __init__(self, width: float) -> None:
        self.board = 4.0
        self.board_end = width * 0.238
        self.part = width * 0.318
        self.part_end = width * 0.595
        self.function = width * 0.685
        self.width = width

    def heads(self) -> tuple[Text, ...]:
        heads = (
            (self.board, tr("The board expects")),
            (self.part, tr("The part carries")),
            (self.function - 10, tr("What hangs on it")),
        )
        return tuple(Text(x, 14, text, Tone.QUIET, 12) for x, text in heads)


def _unique(found: dict[_K, _V]) -> list[_V]:
    return list(found.values())


def _lit(verdicts: Sequence[Verdict], chosen: Function | None) -> set[Identity | Condition]:
    lit: set[Identity | Condition] = set()
    for verdict in verdicts:
        if verdict.function is chosen:
            lit |= {t.identity for t in verdict.threads} | {c.condition for c in verdict.conditions}
    return lit


def _value(x: float, y: float, value: str | None, missing: str, ink: Tone, room: float) -> Text:
    if value is None:
        return Text(x, y, missing, Tone.QUIET, 13, limit=room)
    return Text(x, y, grouped(value), ink, 13, mono=True, limit=room)


def _label(thread: ThreadState) -> str:
    by_backup = thread.expected is None and thread.believed is not None
    return IDENTITY_LABEL[thread.identity] + (tr(", by the backup") if by_backup else "")


def _expected(thread: ThreadState, columns: _Columns, ink: Tone) -> tuple[Tone, float]:
    """Return the ink of what the board expects, quiet where only a backup says so, and its room."""
    return (ink if thread.expected is not None else Tone.QUIET), columns.board_end - columns.board


def _thread(thread: ThreadState, columns: _Columns, y: float, lit: bool, roomy: bool) -> list[Item]:
    """Draw one thread; where there is no room for two lines the names stand without the values."""
    tone = _TONE[thread.whole] if lit else Tone.LINE
    ink = Tone.INK if lit else Tone.QUIET
    left, right = columns.board_end + 8, columns.part - 10
    missing = tr("carries none") if thread.whole is Tri.NO else tr("not known yet")
    below = -2 if roomy else 7
    items: list[Item] = [
        Text(columns.board, y + below, _label(thread), Tone.QUIET, 11.5),
        Text(columns.part, y + below, PART_LABEL[thread.carrier], Tone.QUIET, 11.5),
        Disc(left, y + 3, 3.5, 3.5, tone),
        Disc(right, y + 3, 3.5, 3.5, tone),
    ]
    if roomy:
        items += [
            _value(
                columns.board, y + 12, thread.expected or thread.believed, tr("not known yet"), *_expected(thread, columns, ink)
            ),
            _value(columns.part, y + 12, thread.carried, missing, ink, columns.part_end - columns.part),
        ]
    middle = (left + right) / 2
    match thread.whole:
        case Tri.YES:
            # whole, broken or dashed tells by itself where there is no room for a mark above
            items += [Line(((left, y + 3), (right, y + 3)), tone, 2.5), *([tick(middle, y - 6, 4, tone)] if roomy else [])]
        case Tri.NO:
            items += [
                Line(((left, y + 3), (middle - 9, y + 9)), tone, 2.5),
                Line(((middle + 9, y - 3), (right, y + 3)), tone, 2.5),
            ]
            items += cross(middle, y + 3, 4, tone)
        case Tri.UNKNOWN:
            items.append(Line(((left, y + 3), (right, y + 3)), tone, 1.5, (3, 4)))
            if roomy:
                items.append(Text(middle, y - 3, "?", Tone.QUIET, 13, "middle", bold=True))
    return items


def _condition(state: ConditionState, columns: _Columns, y: float, lit: bool) -> list[Item]:
    tone = _TONE[state.met] if lit else Tone.LINE
    text = CONDITION_TEXT[state.condition][1 if state.met is Tri.NO else 0]
    text = text[0].upper() + text[1:] + ("?" if state.met is Tri.UNKNOWN else "")
    x = columns.part - 10
    diamond = ((x, y - 3), (x + 6, y + 3), (x, y + 9), (x - 6, y + 3), (x, y - 3))
    room = columns.part_end - columns.part + 4
    items: list[Item] = [
        Line(diamond, tone, 2.0),
        Text(columns.part, y + 8, text, Tone.INK if lit else Tone.QUIET, 12.5, limit=room),
    ]
    if state.met is Tri.YES:
        items.append(tick(x, y + 3, 3, tone, 1.5))
    elif state.met is Tri.NO:
        items += cross(x, y + 3, 2.5, tone, 1.5)
    return items


def _function(
    verdict: Verdict,
    label: str,
    columns: _Columns,
    y: float,
    gap: float,
    places: Mapping[Identity | Condition, float],
    chosen: Function | None,
) -> list[Item]:
    mine = chosen is None or verdict.function is chosen
    tone = _TONE[verdict.holds] if mine else Tone.LINE
    items: list[Item] = []
    ends: list[tuple[Identity | Condition, Tri]] = [(t.identity, t.whole) for t in verdict.threads]
    ends += [(c.condition, c.met) for c in verdict.conditions]
    for key, whole in ends:
        line = curve((columns.part_end + 6, places[key] + 3), (columns.function - 12, y))
        strand = _TONE[whole] if mine else Tone.LINE
        items.append(Line(line, strand, 1.8 if mine and chosen else 1.1, (3, 4) if whole is Tri.UNKNOWN else ()))
    if verdict.function is chosen:
        items.append(Rect(columns.function - 2, y - 20, columns.width - columns.function - 2, 42, Tone.DATA, alpha=0.10))
    x = columns.function
    items += _state_mark(x, y, verdict.holds, tone)
    room = columns.width - x - 20
    items.append(Text(x + 16, y - 2, label, Tone.INK if mine else Tone.QUIET, 14, bold=True, limit=room))
    if gap > 34:
        items.append(Text(x + 16, y + 15, _short(verdict), Tone.QUIET, 12, limit=room))
    return items


def _short(verdict: Verdict) -> str:
    if verdict.holds is Tri.UNKNOWN:
        waits = [inner(IDENTITY_LABEL[t.identity]) for t in verdict.threads if t.whole is Tri.UNKNOWN]
        waits += [_WAITS[c.condition] for c in verdict.conditions if c.met is Tri.UNKNOWN]
        return tr("waits for ") + ", ".join(waits)
    reason = verdict.reason.partition(": ")[2].partition(";")[0].rstrip(".")
    return reason if verdict.holds is Tri.NO else _WORD[verdict.holds]


def _state_mark(x: float, y: float, holds: Tri, tone: Tone) -> list[Item]:
    match holds:
        case Tri.YES:
            return [Disc(x, y, 8, 8, tone), tick(x, y, 4, Tone.SHEET)]
        case Tri.NO:
            return [Disc(x, y, 8, 8, None, tone, 2), *cross(x, y, 3.5, tone)]
        case Tri.UNKNOWN:
            return [Disc(x, y, 8, 8, None, tone, 1.5, dash=(2, 2)), Text(x, y + 5, "?", tone, 13, "middle", bold=True)]
