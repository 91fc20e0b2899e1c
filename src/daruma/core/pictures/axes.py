"""Axes of a plot: from values to the picture, linear or logarithmic, with their grid and labels."""

from collections.abc import Callable, Sequence
from math import log10

from msgspec import Struct

from daruma.core.language import figures
from daruma.core.pictures.primitives import Item, Line, Rect, Text, Tone


class Axes(Struct, frozen=True):
    """Map values to a rectangle of the picture; `x` and `y` are the ends of the axes."""

    left: float
    top: float
    w: float
    h: float
    x: tuple[float, float]
    y: tuple[float, float]
    logarithmic: bool = False

    def at(self, x: float, y: float) -> tuple[float, float]:
        """Return where a pair of values lies; what is outside is put on the edge."""
        return self.left + self.w * self._share(x, self.x), self.top + self.h * (1 - self._share(y, self.y))

    def _share(self, value: float, ends: tuple[float, float]) -> float:
        low, high = ends
        if self.logarithmic:
            value, low, high = log10(max(value, low * 1e-3)), log10(low), log10(high)
        return min(1.0, max(0.0, (value - low) / (high - low)))

    def line(self, points: Sequence[tuple[float, float]], tone: Tone, width: float = 1.6, dash: tuple[float, ...] = ()) -> Line:
        """Return a polyline through pairs of values."""
        return Line(tuple(self.at(x, y) for x, y in points), tone, width, dash)

    def grid(
        self,
        across: Sequence[float],
        up: Sequence[float],
        *,
        words: tuple[str, str] = ("", ""),
        tell: Callable[[float], str] = lambda value: figures("{value:g}", value=value),
        size: float = 12.0,
    ) -> list[Item]:
        """Return frame, grid lines at values with their numbers, and what the axes mean."""
        items: list[Item] = [Rect(self.left, self.top, self.w, self.h, None, Tone.LINE)]
        foot = self.top + self.h
        for value in across:
            x, _ = self.at(value, self.y[0])
            items.append(Line(((x, self.top), (x, foot)), Tone.LINE, 0.6))
            items.append(Text(x, foot + 16, tell(value), Tone.QUIET, size, "middle"))
        for value in up:
            _, y = self.at(self.x[0], value)
            items += [
                Line(((self.left, y), (self.left + self.w, y)), Tone.LINE, 0.6),
                Text(self.left - 6, y + 4, tell(value), Tone.QUIET, size, "end"),
            ]
        if words[0]:
            items.append(Text(self.left + self.w, foot + 32, words[0], Tone.QUIET, size, "end"))
        if words[1]:
            items.append(Text(max(4.0, self.left - 50), self.top - 8, words[1], Tone.QUIET, size))
        return items
