"""How a rear camera stands against its record: rotation, delay and lens on scales; both turnings over each other."""

from __future__ import annotations

from collections.abc import Sequence
from math import ceil

from daruma.core.language import figures, tr, word
from daruma.core.optics.rear import COLUMNS, OFFSET, RMS, ROTATION, ROWS, RearSheet
from daruma.core.pictures.axes import Axes
from daruma.core.pictures.primitives import Disc, Item, Line, Picture, Rect, Text, Tone

Trace = Sequence[tuple[float, float]]
_WIDTH, _HEIGHT = 640.0, 480.0  # px of a frame
_TIMES = 60.0  # how much longer distances of corners are drawn
_SURE = 1.96
_ROW = 50.0


def alignment(width: float, height: float, sheet: RearSheet | None, traces: tuple[Trace, Trace]) -> Picture:
    """Return three scales, each with its value, what it surely lies within, and its limit; below the turning of both."""
    if sheet is None or sheet.turned is None or sheet.late is None or sheet.rms is None:
        words = tr("Not measured yet: {why}.", why=sheet.why) if sheet is not None else tr("Not measured yet.")
        return Picture(width, 30, (Text(0, 20, words, Tone.QUIET, 13, limit=width),), (), words)
    height = max(height, 3 * _ROW + 170)
    rows = (
        (tr("Rotation against the record"), sheet.turned, ROTATION, "°", figures("{turned:.3f}°", turned=sheet.turned[0])),
        (
            tr("Delay against the record"),
            (abs(sheet.late[0]), sheet.late[1]),
            OFFSET,
            tr(" ms"),
            tr("{late:+.2f} ms", late=sheet.late[0]),
        ),
        (tr("Lens against the chessboard"), (sheet.rms, 0.0), RMS, tr(" px"), tr("{rms:.3f} px RMS", rms=sheet.rms)),
    )
    items: list[Item] = []
    for place, (title, (value, u), limit, unit, said) in enumerate(rows):
        items += _scale(width, place * _ROW, title, value, u, limit, unit, said)
    items += _turnings(width, 3 * _ROW + 26, height - 3 * _ROW - 26 - 34, traces)
    return Picture(
        width, height, tuple(items), (), tr("The rear camera {finding}: {why}.", finding=word(sheet.finding), why=sheet.why)
    )


def _scale(width: float, y: float, title: str, value: float, u: float, limit: float, unit: str, said: str) -> list[Item]:
    left, right = 4.0, width - 12
    ends = max(1.6 * limit, 1.15 * (value + _SURE * u))

    def at(each: float) -> float:
        return left + (right - left) * min(1.0, max(0.0, each) / ends)

    good = value + _SURE * u <= limit
    return [
        Text(left, y + 14, title, Tone.INK, 12, bold=True),
        Text(
            right,
            y + 14,
            figures("{said} ± {SURE:.3f}", said=said, SURE=_SURE * u) if u else said,
            Tone.INK,
            12,
            "end",
            mono=True,
        ),
        Rect(left, y + 22, right - left, 12, Tone.SHEET, Tone.LINE),
        Rect(left, y + 22, at(limit) - left, 12, Tone.PROVEN, alpha=0.16),
        Rect(left, y + 25, max(1.5, at(value) - left), 6, Tone.PROVEN if good else Tone.ACT),
        Line(((at(value - _SURE * u), y + 28), (at(value + _SURE * u), y + 28)), Tone.INK, 2.0),
        Line(((at(limit), y + 20), (at(limit), y + 36)), Tone.GOLD, 1.6),
        Text(at(limit) + 4, y + 46, tr("at most {limit:g}{unit}", limit=limit, unit=unit), Tone.QUIET, 11),
    ]


def _turnings(width: float, top: float, height: float, traces: tuple[Trace, Trace]) -> list[Item]:
    gyro, camera = traces
    if not gyro or not camera:
        return []
    most = max(max(abs(w) for _, w in each) for each in traces) * 1.1
    span = (gyro[0][0], gyro[-1][0])
    axes = Axes(46, top, width - 58, height, span, (-most, most))
    ticks = [float(each) for each in range(ceil(span[0]), int(span[1]) + 1, 2)]
    items: list[Item] = [Text(axes.left, top - 8, tr("Turning, nodding axis"), Tone.INK, 12, bold=True)]
    items.append(Text(axes.left + axes.w, top - 8, tr("°/s; line: gyroscope, dots: camera"), Tone.QUIET, 11, "end"))
    items += axes.grid(
        ticks, (-round(most * 0.7), 0, round(most * 0.7)), words=("s", ""), tell=lambda value: f"{value:.0f}", size=11
    )
    items.append(axes.line(list(gyro), Tone.DATA, 1.4))
    items += [Disc(*axes.at(t, w), 1.8, 1.8, Tone.ACT) for t, w in camera]
    return items


def lens_views(
    width: float, height: float, sheet: RearSheet | None, residuals: Sequence[Sequence[tuple[float, float, float, float]]]
) -> Picture:
    """Return where the corners of the chessboard were seen in the frame, each with its distance off the record, drawn longer."""
    if sheet is None or not residuals:
        words = tr("Not measured yet: hold the chessboard before the camera.")
        return Picture(width, 30, (Text(0, 20, words, Tone.QUIET, 13, limit=width),), (), words)
    h = min(height - 52, width * _HEIGHT / _WIDTH)
    w = h * _WIDTH / _HEIGHT
    count = COLUMNS * ROWS
    items: list[Item] = [
        Text(
            0,
            16,
            tr(
                "{count_residuals} views of {count} corners; lines: off the record, {times:.0f} times as long",
                count_residuals=len(residuals),
                count=count,
                times=_TIMES,
            ),
            Tone.INK,
            12,
            bold=True,
        ),
        Rect(0, 26, w, h, Tone.SHEET, Tone.LINE),
    ]
    for view in residuals:
        for u, v, du, dv in view:
            x, y = w * u / _WIDTH, 26 + h * v / _HEIGHT
            items.append(Line(((x, y), (x + w * du * _TIMES / _WIDTH, y + h * dv * _TIMES / _HEIGHT)), Tone.ACT, 1.0))
            items.append(Disc(x, y, 1.5, 1.5, Tone.DATA))
    words = (
        tr("Lens against the chessboard: {rms:.3f} px RMS, at most {rms_given:g} px.", rms=sheet.rms, rms_given=RMS)
        if sheet.rms is not None
        else ""
    )
    items.append(Text(0, 26 + h + 18, words, Tone.QUIET, 12))
    return Picture(width, max(height, h + 52), tuple(items), (), words)
