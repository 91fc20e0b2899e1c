"""Sharpness from a slanted edge (ISO 12233): the edge is found row by row, projected along itself, and its spread transformed.

For a Gaussian blur of standard deviation s the contrast at f cycles a pixel is exp(-2 pi^2 s^2 f^2): half of it at 0.18739 / s.
The sampling of the profile in bins and its derivative lower the contrast by known factors, which are taken out.
"""

from __future__ import annotations

from itertools import pairwise
from math import atan, ceil, cos, degrees, hypot
from typing import cast

import numpy as np
import numpy.typing as npt
from msgspec import Struct
from scipy.fft import next_fast_len
from scipy.ndimage import convolve1d
from scipy.signal.windows import tukey
from scipy.special import stdtrit

from daruma.core.language import tr

Floats = npt.NDArray[np.float64]
OVERSAMPLING = 4  # bins of the projected profile in a pixel
HALF_WIDTH = 32.0  # px on each side of the edge that are looked at
GAUSSIAN_MTF50 = 0.18739  # cycles a pixel times the standard deviation of a Gaussian blur, px
_ABOUT = 0.35  # of the frequency of half contrast: where the curve's slope is taken
_FEWEST_PARTS = 5
_NEAR = 10  # px on each side of the edge that its centroid is taken of
_BLOCKS = 8  # parts of the edge whose scatter is the uncertainty
_LEAST_CONTRAST = 12.0  # standard deviations of the noise
_METHOD = 0.006  # relative standard uncertainty of binning and windowing (on edges made with a known blur)
_STRAIGHTEST, _STEEPEST = 0.4, 25.0  # degrees from the pixels' own direction between which an edge can be used


class EdgeFault(ValueError):
    """Report a picture that holds no edge that can be used; its text says why."""


class EdgeLine(Struct, frozen=True):
    """Hold an edge as x = a + b y in a picture whose edge is nearer to upright; `turned` says that the picture was turned for
    that.
    """

    a: float
    b: float
    turned: bool

    @property
    def degrees(self) -> float:
        """Return the angle between the edge and the pixels' own direction."""
        return abs(degrees(atan(self.b)))


class Sharpness(Struct, frozen=True):
    """Hold the frequency of half contrast, cycles a pixel, with its standard uncertainty; the edge's angle in degrees; the
    contrast at each frequency.
    """

    mtf50: float
    u: float
    edge_deg: float
    frequencies: tuple[float, ...] = ()
    contrast: tuple[float, ...] = ()


def sharpness(picture: Floats) -> Sharpness:
    """Return how sharp the one edge of a grey picture (rows, columns) is; raise EdgeFault where none can be used."""
    picture, line = upright(np.asarray(picture, dtype=np.float64))
    whole, by_noise, frequencies, contrast = _mtf(picture, line, 0, picture.shape[0])
    rows = picture.shape[0]
    edges = [round(rows * i / _BLOCKS) for i in range(_BLOCKS + 1)]
    parts: list[float] = []
    for first, last in pairwise(edges):
        # a block must hold every phase of the edge against the pixels
        if (last - first) * abs(line.b) >= 1.0:
            parts.append(_mtf(picture, line, first, last)[0])
    # few parts say next to nothing of their own scatter, more of them take Student's factor over the normal one
    few = len(parts) < _FEWEST_PARTS
    scatter = 0.0 if few else stdtrit(len(parts) - 1, 0.975) / 1.96 * float(np.std(parts, ddof=1)) / len(parts) ** 0.5
    return Sharpness(whole, hypot(max(scatter, by_noise), _METHOD * whole), line.degrees, tuple(frequencies), tuple(contrast))


def upright(picture: Floats) -> tuple[Floats, EdgeLine]:
    """Return the picture, turned if need be so that its edge is nearer to upright, and the edge."""
    if picture.ndim != 2 or min(picture.shape) < 16:
        raise EdgeFault(tr("the picture is smaller than 16 pixels"))
    if not np.isfinite(picture).all():
        raise EdgeFault(tr("the picture has values that are no numbers"))
    across = float(np.abs(np.diff(picture.mean(axis=0))).max())
    down = float(np.abs(np.diff(picture.mean(axis=1))).max())
    turned = down > across
    if turned:
        picture = picture.T
    return picture, _line(picture, turned=turned)


def _line(picture: Floats, *, turned: bool) -> EdgeLine:
    """Return the edge as a line through the centroids of each row's derivative."""
    rows, columns = picture.shape
    steep = np.abs(np.diff(picture, axis=1))
    step = float(np.median(np.abs(np.median(picture[:, :4], axis=1) - np.median(picture[:, -4:], axis=1))))
    noise = 1.4826 * float(np.median(np.abs(np.diff(picture[:, : max(4, columns // 8)], axis=1)))) / 2**0.5
    if step <= 0 or step < _LEAST_CONTRAST * noise / 3:
        raise EdgeFault(tr("there is no edge between its two sides"))
    place = np.arange(columns - 1) + 0.5
    smooth = convolve1d(steep, np.hanning(7) / np.hanning(7).sum(), axis=1, mode="constant")
    centres = place[smooth.argmax(axis=1)]
    line = np.polyfit(np.arange(rows), centres, 1)
    signed = np.diff(picture, axis=1) * np.sign(picture[:, -4:].mean() - picture[:, :4].mean())
    for _ in range(4):
        expected = np.polyval(line, np.arange(rows))
        # only what is near the edge is looked at
        at = np.rint(expected - 0.5).astype(np.intp)[:, None] + np.arange(-_NEAR, _NEAR + 1)
        inside = np.clip(at, 0, columns - 2)
        near = (at == inside) & (np.abs(at + 0.5 - expected[:, None]) < _NEAR)
        weight = np.where(near, np.take_along_axis(signed, inside, axis=1), 0.0)
        total = weight.sum(axis=1)
        good = total > 0.3 * step
        if good.sum() < max(8, rows // 4):
            raise EdgeFault(tr("the edge does not run through the picture"))
        found = (weight * (at + 0.5)).sum(axis=1)[good] / total[good]
        line = np.polyfit(np.arange(rows)[good], found, 1)
        off = found - np.polyval(line, np.arange(rows)[good])
        keep = np.abs(off) < 3 * max(0.05, 1.4826 * float(np.median(np.abs(off))))
        line = np.polyfit(np.arange(rows)[good][keep], found[keep], 1)
    edge = EdgeLine(float(line[1]), float(line[0]), turned)
    if edge.degrees < _STRAIGHTEST or rows * abs(edge.b) < 1:
        raise EdgeFault(tr("the edge runs along the pixels: slant it by about 5 degrees"))
    if edge.degrees > _STEEPEST:
        raise EdgeFault(tr("the edge is slanted by {degrees:.0f} degrees: about 5 are wanted", degrees=edge.degrees))
    return edge


def _mtf(picture: Floats, line: EdgeLine, first: int, last: int) -> tuple[float, float, Floats, Floats]:
    """Return the frequency of half contrast of some rows, its uncertainty by the pixels' noise, frequencies, their contrast."""
    # what lies farther from the edge than is looked at is never touched
    ends, wide = (line.a + line.b * first, line.a + line.b * last), HALF_WIDTH / cos(atan(line.b)) + 2
    left, right = max(0, int(min(ends) - wide)), min(picture.shape[1], int(max(ends) + wide) + 1)
    part = picture[first:last, left:right]
    across, down = np.arange(left, right), np.arange(first, last)[:, None]
    away = (across - line.a - line.b * down) * cos(atan(line.b))
    reach = min(HALF_WIDTH, float(np.abs(away).max()))
    inside = np.abs(away) < reach
    away, grey = away[inside], part[inside]
    count = 2 * ceil(reach * OVERSAMPLING)
    place = np.floor((away + reach) * OVERSAMPLING).astype(np.intp)
    place = np.clip(place, 0, count - 1)
    values, times = np.bincount(place, grey, count), np.bincount(place, minlength=count)
    mean_at = np.bincount(place, away, count)
    filled = times > 0
    profile = np.interp(np.arange(count), np.flatnonzero(filled), values[filled] / times[filled])
    centre = np.interp(np.arange(count), np.flatnonzero(filled), mean_at[filled] / times[filled])
    # where a bin's pixels lie on average is not always its middle
    even = (np.arange(count) + 0.5) / OVERSAMPLING - reach
    profile = np.interp(even, centre, profile)
    spread = np.diff(profile)
    middle = round(float((np.arange(len(spread)) * np.abs(spread)).sum() / max(np.abs(spread).sum(), 1e-12)))
    half = min(middle, len(spread) - 1 - middle)
    if half < OVERSAMPLING * 3:
        raise EdgeFault(tr("the edge lies too near to the picture's side"))
    window = tukey(2 * half + 1, 0.5)
    windowed = spread[middle - half : middle + half + 1] * window
    size = next_fast_len(8 * len(windowed))
    contrast = np.abs(np.fft.rfft(windowed, size))
    if contrast[0] <= 0:
        raise EdgeFault(tr("there is no contrast at the edge"))
    frequencies = np.fft.rfftfreq(size, 1 / OVERSAMPLING)
    # the difference of neighbouring bins, the width of a bin
    lowered = np.sinc(frequencies / OVERSAMPLING) ** 2
    contrast = contrast / contrast[0] / np.maximum(lowered, 0.1)
    below = np.flatnonzero(contrast < 0.5)
    if not len(below) or below[0] == 0:
        raise EdgeFault(tr("the edge is sharper than the pixels can show"))
    high = int(below[0])
    c0, c1 = contrast[high - 1], contrast[high]
    half_at = float(frequencies[high - 1] + (frequencies[high] - frequencies[high - 1]) * (c0 - 0.5) / (c0 - c1))
    # the slope there, as the curve about it has it: between two frequencies alone it is noise
    about = np.abs(frequencies - half_at) < _ABOUT * half_at
    slope = abs(float(np.polyfit(frequencies[about], contrast[about], 1)[0]))
    flat = np.abs(away) > 0.6 * reach
    noise = float(np.std((grey - np.interp(away, even, profile))[flat])) if flat.sum() > 20 else 0.0
    means = noise / np.sqrt(np.maximum(times, 1))[middle - half : middle + half + 2]
    contrast_u = _contrast_u(windowed, window, means, half_at)
    shown = frequencies <= 1.0
    return half_at, contrast_u / slope, cast(Floats, frequencies[shown]), cast(Floats, contrast[shown])


def _contrast_u(windowed: Floats, window: Floats, means: Floats, frequency: float) -> float:
    """Return the standard uncertainty of the contrast at a frequency, by that of the profile's values (grey)."""
    turned = np.exp(-2j * np.pi * frequency / OVERSAMPLING * np.arange(len(window)))
    found, total = (windowed * turned).sum(), windowed.sum()
    # how the amount of the transform, over that at no frequency, follows each value of the profile through its differences
    share = np.real(np.conj(found) / abs(found) * turned) * window / abs(total) - abs(found) / total**2 * np.sign(total) * window
    by_value = np.concatenate(([0.0], share)) - np.concatenate((share, [0.0]))
    lowered = max(0.1, float(np.sinc(frequency / OVERSAMPLING)) ** 2)
    return float(np.sqrt(((by_value * means) ** 2).sum())) / lowered
