"""What a frame of the front camera shows: how sharp its edges are, how bright it is, what dust lies on a flat field."""

from __future__ import annotations

import hashlib
from collections.abc import Iterable

import numpy as np
import numpy.typing as npt
from msgspec.structs import replace
from scipy.ndimage import gaussian_filter, label

from daruma.core.optics.chart import MIDDLE, WHOLE, Window, edges
from daruma.core.optics.edge import EdgeFault, sharpness
from daruma.core.optics.frames import Blur, Frame

Floats = npt.NDArray[np.float64]
_GRAIN, _BACKGROUND = 2.5, 18.0  # px: what a grain of dust is smoothed with, and the field about it
_DARKER = 0.06  # of the field: less is no grain of dust


def seen(frame: Frame, raw: bytes, window: Window = WHOLE, places: Iterable[int] = (), shade: Floats | None = None) -> Frame:
    """Return a frame with what its grey values (row by row of a window) show: digest, mean, the edges of some places.

    `shade` is the whole frame's light as `shading` has it: uneven light across an edge would pass for blur.
    """
    picture = grey(raw, window)
    known = replace(frame, digest=hashlib.sha256(raw).hexdigest(), mean=float(picture.mean()))
    if known.plain:
        spots, corner = flat_field(picture)
        return replace(known, spots=spots, corner=corner)
    if shade is not None:
        picture = picture / shade[window.y : window.y + window.height, window.x : window.x + window.width]
    crops = [crop for place in places for crop in edges(place)] if window == WHOLE else [window]
    return replace(known, edges=tuple(_blur(picture, window, crop) for crop in crops))


def grey(raw: bytes, window: Window) -> Floats:
    """Return grey values (rows, columns) of bytes; raise ValueError where they are not as many as the window has."""
    if len(raw) != window.width * window.height:
        raise ValueError(f"{len(raw)} grey values for {window.width} x {window.height}")
    return np.frombuffer(raw, dtype=np.uint8).reshape(window.height, window.width).astype(np.float64)


def shading(raw: bytes) -> Floats:
    """Return how the light falls off over a frame (rows, columns), 1 at its brightest, by the grey values of a flat field."""
    field = gaussian_filter(grey(raw, WHOLE), _BACKGROUND, mode="nearest")
    share: Floats = np.maximum(field / max(1.0, float(field.max())), 0.05)
    return share


def flat_field(picture: Floats) -> tuple[int, float]:
    """Return how many grains of dust a flat field (rows, columns) shows, and the corners' light over the middle's."""
    smooth = gaussian_filter(picture, _GRAIN, mode="nearest")
    field = gaussian_filter(picture, _BACKGROUND, mode="nearest")
    grains = label(smooth < (1 - _DARKER) * np.maximum(field, 1.0))[1]
    rows, columns = picture.shape
    near = picture[rows // 2 - 20 : rows // 2 + 20, columns // 2 - 20 : columns // 2 + 20].mean()
    far = np.mean([picture[y, x] for y in (slice(0, 20), slice(-20, None)) for x in (slice(0, 20), slice(-20, None))])
    return int(grains), float(far / max(1.0, float(near)))


def _blur(picture: Floats, window: Window, crop: Window) -> Blur:
    x, y = crop.x - window.x, crop.y - window.y
    try:
        found = sharpness(picture[y : y + crop.height, x : x + crop.width])
    except EdgeFault:
        return Blur()
    return Blur(found.mtf50, found.u)


MIDDLE_EDGE = edges(MIDDLE)[0]
