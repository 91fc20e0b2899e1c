"""Render a picture as SVG for reports; texts are escaped."""

from collections.abc import Mapping
from html import escape

from daruma.core.pictures.primitives import Bars, Disc, Item, Line, Picture, Rect, Text, Tone

PRINT = {
    Tone.GROUND: "#ffffff",
    Tone.SHEET: "#ffffff",
    Tone.INK: "#211c18",
    Tone.QUIET: "#645b51",
    Tone.LINE: "#d8cebd",
    Tone.ACT: "#b0341d",
    Tone.DATA: "#2c3e72",
    Tone.PROVEN: "#466528",
    Tone.GOLD: "#c79a3b",
}


def to_svg(picture: Picture, colours: Mapping[Tone, str] = PRINT) -> str:
    """Return a self-contained SVG element with the picture's text twin as its title."""
    body = "".join(_item(item, colours) for item in picture.items)
    size = f'viewBox="0 0 {picture.width:.0f} {picture.height:.0f}" width="{picture.width:.0f}" height="{picture.height:.0f}"'
    return f'<svg xmlns="http://www.w3.org/2000/svg" role="img" {size}><title>{escape(picture.words)}</title>{body}</svg>'


def _item(item: Item, colours: Mapping[Tone, str]) -> str:
    match item:
        case Line():
            points = " ".join(f"{x:.2f},{y:.2f}" for x, y in item.points)
            return f'<polyline points="{points}" fill="none" {_stroke(item.tone, item.width, item.dash, colours)}/>'
        case Rect():
            where = f'x="{item.x:.2f}" y="{item.y:.2f}" width="{item.w:.2f}" height="{item.h:.2f}"'
            return f"<rect {where} {_paint(item, colours)}/>"
        case Disc():
            where = f'cx="{item.x:.2f}" cy="{item.y:.2f}" rx="{item.rx:.2f}" ry="{item.ry:.2f}"'
            return f"<ellipse {where} {_paint(item, colours)}/>"
        case Bars():
            path = "".join(f"M{x:.2f} {y:.2f}h{w:.2f}v{h:.2f}h{-w:.2f}z" for x, y, w, h in item.bars)
            return f'<path d="{path}" fill="{colours[item.tone]}"/>'
        case Text():
            face = "monospace" if item.mono else "sans-serif"
            weight = ' font-weight="bold"' if item.bold else ""
            where = f'x="{item.x:.2f}" y="{item.y:.2f}" font-size="{item.size:g}" text-anchor="{item.anchor}"'
            return f'<text {where} font-family="{face}"{weight} fill="{colours[item.tone]}">{escape(item.text)}</text>'


def _stroke(tone: Tone, width: float, dash: tuple[float, ...], colours: Mapping[Tone, str]) -> str:
    dashes = f' stroke-dasharray="{" ".join(f"{d:g}" for d in dash)}"' if dash else ""
    return f'stroke="{colours[tone]}" stroke-width="{width:g}"{dashes}'


def _paint(item: Rect | Disc, colours: Mapping[Tone, str]) -> str:
    fill = f'fill="{colours[item.fill]}" fill-opacity="{item.alpha:g}"' if item.fill else 'fill="none"'
    return f"{fill} {_stroke(item.stroke, item.width, item.dash, colours)}" if item.stroke else fill
