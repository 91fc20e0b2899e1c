"""A simulated front camera: frames of the chart and of a flat field, blurred by its lens, with noise, vignetting, dust.

The blur is Gaussian with 0.45 px at the best focus code and 0.02 px more for each code beside it; an edge blurred so is the
error function of the distance from it.
"""

from __future__ import annotations

from math import cos, radians, sin
from typing import TYPE_CHECKING

from msgspec import Struct

from daruma.core.optics.chart import CENTRES, DARK_HEIGHT, DARK_WIDTH, HEIGHT, SLANT, WIDTH, Window

if TYPE_CHECKING:
    import numpy as np
    import numpy.typing as npt

LEAST, PER_CODE = 0.45, 0.02  # px
BRIGHT, DARK, FLAT = 190.0, 45.0, 170.0  # grey
NOISE = 1.6  # grey
FARTHEST = 255.0  # the largest focus code
BACKGROUND = 2.5  # px of blur that the cinematic mode lays over what is far


class Lens(Struct, frozen=True):
    """Hold a lens: its best code at a far distance and how many more it takes for each dioptre; by how much it is blurred
    along x and y (heat), which places are smeared and how much, how many grains of dust lie on it, how far the corners darken.
    """

    far: float = 60.0
    dioptre: float = 18.0
    heat_x: float = 0.0
    heat_y: float = 0.0
    smeared: tuple[int, ...] = ()
    smear: float = 0.0
    dust: tuple[tuple[int, int], ...] = ()
    corners: float = 0.75

    def best(self, distance: float) -> float:
        """Return the code at which a chart at a distance (m) is sharpest."""
        return self.far + self.dioptre / distance

    def blur(self, place: int, code: float, distance: float) -> tuple[float, float]:
        """Return the blur across an upright edge and across a level one, px."""
        plain = LEAST + PER_CODE * abs(code - self.best(distance))
        # a lens hurt by heat is hurt more outside its middle
        outside = 0.6 if place == 4 else 1.0
        smear = self.smear if place in self.smeared else 0.0
        across, down = (plain + outside * self.heat_x, plain + outside * self.heat_y)
        return (across**2 + smear**2) ** 0.5, (down**2 + smear**2) ** 0.5


def picture(
    lens: Lens, code: float, distance: float, window: Window, seed: str, *, plain: bool = False, soft: float = 0.0
) -> bytes:
    """Return the grey values of a part of a frame, row by row; `plain` of a flat field, `soft` px of blur besides."""
    import numpy as np

    y, x = np.mgrid[window.y : window.y + window.height, window.x : window.x + window.width].astype(np.float64)
    grey = np.full(x.shape, FLAT) if plain else _chart(lens, code, distance, x, y, soft)
    grey *= _vignette(lens, x, y)
    for at_x, at_y in lens.dust:
        grey *= 1 - 0.35 * np.exp(-((x - at_x) ** 2 + (y - at_y) ** 2) / (2 * 3.0**2))
    noise = np.random.Generator(np.random.PCG64(np.frombuffer(seed.encode(), dtype=np.uint8))).normal(0, NOISE, x.shape)
    return bytes(np.clip(np.rint(grey + noise), 0, 255).astype(np.uint8).tobytes())


def _chart(
    lens: Lens, code: float, distance: float, x: npt.NDArray[np.float64], y: npt.NDArray[np.float64], soft: float
) -> npt.NDArray[np.float64]:
    import numpy as np
    from scipy.special import ndtr

    turn = radians(SLANT)
    dark = np.zeros(x.shape)
    for place, (cx, cy) in enumerate(CENTRES):
        near = (np.abs(x - cx) <= WIDTH / 6) & (np.abs(y - cy) <= HEIGHT / 6)
        if not near.any():
            continue
        across, down = ((blur**2 + soft**2) ** 0.5 for blur in lens.blur(place, code, distance))
        dx, dy = x[near] - cx, y[near] - cy
        u, v = dx * cos(turn) + dy * sin(turn), dy * cos(turn) - dx * sin(turn)
        inside = ndtr((DARK_WIDTH / 2 - u) / across) * ndtr((u + DARK_WIDTH / 2) / across)
        dark[near] = inside * ndtr((DARK_HEIGHT / 2 - v) / down) * ndtr((v + DARK_HEIGHT / 2) / down)
    return BRIGHT - (BRIGHT - DARK) * dark


def _vignette(lens: Lens, x: npt.NDArray[np.float64], y: npt.NDArray[np.float64]) -> npt.NDArray[np.float64]:
    r2 = ((x - WIDTH / 2) ** 2 + (y - HEIGHT / 2) ** 2) / ((WIDTH / 2) ** 2 + (HEIGHT / 2) ** 2)
    return 1 - (1 - lens.corners) * r2
