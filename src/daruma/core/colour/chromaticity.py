"""Tristimulus values and chromaticities (CIE 15)."""

from math import hypot

XYZ = tuple[float, float, float]
Pair = tuple[float, float]


def xyz_to_xy(xyz: XYZ) -> Pair:
    """Return CIE 1931 x, y; raise ValueError for a sum that is not positive."""
    total = sum(xyz)
    if not total > 0:
        raise ValueError("XYZ must have a positive sum: the reading is dark or broken")
    return xyz[0] / total, xyz[1] / total


def xy_to_uv(xy: Pair) -> Pair:
    """Return CIE 1976 u', v' of x, y: u' = 4x / (12y - 2x + 3), v' = 9y / (12y - 2x + 3)."""
    x, y = xy
    scale = 12 * y - 2 * x + 3
    return 4 * x / scale, 9 * y / scale


def uv_to_xy(uv: Pair) -> Pair:
    """Return CIE 1931 x, y of u', v': the inverse of `xy_to_uv`."""
    u, v = uv
    scale = 6 * u - 16 * v + 12
    return 9 * u / scale, 4 * v / scale


def xyz_to_uv(xyz: XYZ) -> Pair:
    """Return CIE 1976 u', v' of XYZ."""
    return xy_to_uv(xyz_to_xy(xyz))


def xy_to_xyz(xy: Pair, luminance: float = 1.0) -> XYZ:
    """Return XYZ with Y = `luminance` (any unit) for x, y."""
    x, y = xy
    return luminance * x / y, luminance, luminance * (1 - x - y) / y


def distance(left: Pair, right: Pair) -> float:
    """Return the Euclidean distance of two points of a chromaticity diagram."""
    return hypot(left[0] - right[0], left[1] - right[1])


def mean_xyz(readings: list[XYZ]) -> XYZ:
    """Return the mean of readings, component by component."""
    n = len(readings)
    return sum(r[0] for r in readings) / n, sum(r[1] for r in readings) / n, sum(r[2] for r in readings) / n
