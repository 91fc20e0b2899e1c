"""A finishing session as a picture: each part with what becomes of it, the parts page before and after side by side."""

from daruma.core.finishing import USED_FOR_EVER, PageLine
from daruma.core.finishing_session import FinishRow, FinishSession, Meaning, Outlook, session_words
from daruma.core.language import tr, word
from daruma.core.parts import PART_LABEL
from daruma.core.pictures.primitives import Item, Line, Picture, Rect, Text, Tone, cross, tick

_ROW, _QUIET_ROW = 42.0, 27.0
_TONE = {Outlook.GENUINE: Tone.PROVEN, Outlook.USED: Tone.INK, Outlook.LOCKED: Tone.ACT, Outlook.STAYS: Tone.QUIET}


def finishing_sheet(width: float, session: FinishSession | None) -> Picture:
    """Return the session; a word where the phone finishes nothing."""
    if session is None:
        words = tr("This way lets the phone finish nothing.")
        return Picture(width, 30, (Text(0, 20, words, Tone.QUIET, 13, limit=width),), (), words)
    begun = tr("begun") if session.begun else tr("not begun yet")
    items: list[Item] = [
        Text(0, 16, tr("Finishing session, {begun}", begun=begun), Tone.INK, 13, bold=True),
        Text(
            width,
            16,
            tr("about {minutes:.0f} min, {planned:.0f} at best", minutes=session.minutes, planned=session.planned),
            Tone.QUIET,
            12,
            "end",
        ),
    ]
    before, after = width * 0.6, width * 0.8
    items += [Text(before, 40, tr("page before"), Tone.QUIET, 11), Text(after, 40, tr("page after"), Tone.QUIET, 11)]
    y = 48.0
    go = [place for place, row in enumerate(session.rows) if row.outlook in (Outlook.GENUINE, Outlook.USED)]
    tops = [y]
    for row in session.rows:
        items += _row(width, tops[-1], row, before, after)
        tops.append(tops[-1] + (_QUIET_ROW if _is_quiet(row) else _ROW))
    if len(go) > 1:
        items.append(Line(((3, tops[go[0]] + 6), (3, tops[go[-1] + 1] - 8)), Tone.DATA, 3))
    y = tops[-1] + 6
    notes = []
    if len(go) > 1:
        notes.append(tr("bar: in the same go, with the phone closed and on the network"))
    if any(row.outlook is Outlook.USED for row in session.rows):
        notes.append(USED_FOR_EVER)
    notes.append(
        tr("Busy in the evening: asked again after 3, 6 and 12 s; then the diagnostic mode (off, both volume keys, charger in).")
    )
    notes.append(tr("Back glass and housing may ask and are never listed."))
    for note in notes:
        for line in _wrapped(note, width):
            items.append(Text(0, y + 12, line, Tone.QUIET, 11.5, limit=width))
            y += 16
    return Picture(width, y + 6, tuple(items), (), session_words(session))


def _is_quiet(row: FinishRow) -> bool:
    """Return whether nothing is to be said of a part but how the parts page has it."""
    return row.outlook is Outlook.STAYS and row.meaning is Meaning.NONE


def _row(width: float, y: float, row: FinishRow, before: float, after: float) -> list[Item]:
    stays, quiet = row.outlook is Outlook.STAYS, _is_quiet(row)
    middle = y + (17 if quiet else 25)
    items: list[Item] = [
        Rect(10, y, width - 10, (_QUIET_ROW if quiet else _ROW) - 4, Tone.SHEET if stays else None, Tone.LINE, 0.8),
        Text(20, y + 17, PART_LABEL[row.part], Tone.QUIET if stays else Tone.INK, 12.5, bold=not stays, limit=width * 0.26),
        Text(20 + width * 0.25, y + 17, word(row.outlook), _TONE[row.outlook], 12, bold=not stays, limit=width * 0.33),
    ]
    why = word(row.meaning) if row.meaning is not Meaning.NONE else row.why
    tone = Tone.ACT if row.meaning in (Meaning.REAL, Meaning.NEW) else Tone.QUIET
    if not quiet:
        items.append(Text(20, y + 33, why, tone, 11, limit=before - 40))
    if row.done:
        items.append(tick(width - 14, y + 14, 6, Tone.PROVEN))
    items += _line(before, middle, row.before, width * 0.19)
    items += _line(after, middle, row.after, width * 0.16)
    return items


def _line(x: float, y: float, line: PageLine | None, limit: float) -> list[Item]:
    if line is None:
        return [Text(x, y, "-", Tone.QUIET, 12)]
    found: list[Item] = [Text(x + 14, y, word(line.status), Tone.ACT if line.notice else Tone.INK, 12, limit=limit - 14)]
    return [*found, *(cross(x + 4, y - 4, 4, Tone.ACT) if line.notice else ())]


def _wrapped(text: str, width: float) -> list[str]:
    most, lines = max(20, int(width / 6.0)), [""]
    for each in text.split():
        if len(lines[-1]) + len(each) + 1 > most:
            lines.append("")
        lines[-1] = f"{lines[-1]} {each}".strip()
    return lines
