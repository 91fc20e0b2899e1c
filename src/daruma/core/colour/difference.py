"""CIELAB and the CIEDE2000 colour difference, for a million samples at once.

CIELAB after CIE 15. CIEDE2000 after Sharma, Wu and Dalal (2005, Color Res. Appl. 30:21), whose test pairs it reproduces.
"""

import numpy as np
import numpy.typing as npt

Floats = npt.NDArray[np.float64]

_EPSILON, _KAPPA = (6 / 29) ** 3, (29 / 3) ** 3 / 116
_POW7 = 25.0**7
# hues closer to opposite than this are taken as opposite: which side of 180 degrees rounding puts them on differs
# between platforms, and the mean hue with it
_OPPOSITE = 1e-9  # degrees
_PIECE = 1 << 15  # samples worked on at once: what is in hand stays in the processor's cache


def xyz_to_lab(xyz: npt.ArrayLike, white: npt.ArrayLike) -> Floats:
    """Return CIELAB of XYZ of shape (n, 3) or (3,) against a white XYZ in the same unit."""
    share = np.asarray(xyz, dtype=np.float64) / np.asarray(white, dtype=np.float64)
    f = np.where(share > _EPSILON, np.cbrt(share), share * _KAPPA + 16 / 116)
    x, y, z = f[..., 0], f[..., 1], f[..., 2]
    return np.stack([116 * y - 16, 500 * (x - y), 200 * (y - z)], axis=-1)


def delta_e_2000(left: npt.ArrayLike, right: npt.ArrayLike) -> Floats:
    """Return CIEDE2000 of CIELAB samples of shape (n, 3) or (3,), element by element, all weights 1."""
    first, second = np.broadcast_arrays(np.asarray(left, dtype=np.float64), np.asarray(right, dtype=np.float64))
    flat_first, flat_second = first.reshape(-1, 3), second.reshape(-1, 3)
    out = np.empty(len(flat_first))
    for start in range(0, len(out), _PIECE):
        piece = slice(start, start + _PIECE)
        out[piece] = _piece(flat_first[piece], flat_second[piece])
    return out.reshape(first.shape[:-1])


def _piece(first: Floats, second: Floats) -> Floats:
    (l1, a1, b1), (l2, a2, b2) = first.T, second.T
    g = 1 + 0.5 * (1 - _root7((np.hypot(a1, b1) + np.hypot(a2, b2)) / 2))
    a1, a2 = a1 * g, a2 * g
    c1, c2 = np.hypot(a1, b1), np.hypot(a2, b2)
    h1, h2 = np.degrees(np.arctan2(b1, a1)) % 360, np.degrees(np.arctan2(b2, a2)) % 360
    grey = c1 * c2 == 0
    turn, hue = _hues(h1, h2, grey)
    dl, dc, dh = l2 - l1, c2 - c1, 2 * np.sqrt(c1 * c2) * np.sin(np.radians(turn) / 2)
    chroma, light = (c1 + c2) / 2, ((l1 + l2) / 2 - 50) ** 2
    angle = np.radians(hue)
    # cosines of multiples of the hue by the addition theorem: five slow calls become two
    cos, sin = np.cos(angle), np.sin(angle)
    cos2, sin2 = cos * cos - sin * sin, 2 * sin * cos
    cos3, sin3 = cos * cos2 - sin * sin2, sin * cos2 + cos * sin2
    cos4, sin4 = cos2 * cos2 - sin2 * sin2, 2 * sin2 * cos2
    t = 1 - 0.17 * (cos * _C30 + sin * _S30) + 0.24 * cos2 + 0.32 * (cos3 * _C6 - sin3 * _S6) - 0.20 * (cos4 * _C63 + sin4 * _S63)
    sl, sc, sh = 1 + 0.015 * light / np.sqrt(20 + light), 1 + 0.045 * chroma, 1 + 0.015 * chroma * t
    rotation = -2 * _root7(chroma) * np.sin(np.radians(60) * np.exp(-(((hue - 275) / 25) ** 2)))
    el, ec, eh = dl / sl, dc / sc, dh / sh
    return np.asarray(np.sqrt(el * el + ec * ec + eh * eh + rotation * ec * eh), dtype=np.float64)


def _hues(h1: Floats, h2: Floats, grey: npt.NDArray[np.bool_]) -> tuple[Floats, Floats]:
    """Return the hue difference and the mean hue in degrees (equations 10 and 14 of the paper)."""
    turn = h2 - h1
    apart = np.abs(turn)
    far = apart > 180 + _OPPOSITE
    turn = np.where(grey, 0.0, np.where(far, turn - 360 * np.sign(turn), turn))
    total = h1 + h2
    mean = np.where(far, np.where(total < 360, (total + 360) / 2, (total - 360) / 2), total / 2)
    return turn, np.where(grey, total, mean)


def _root7(chroma: Floats) -> Floats:
    power = chroma * chroma * chroma
    power = power * power * chroma
    return np.asarray(np.sqrt(power / (power + _POW7)), dtype=np.float64)


_C30, _S30 = np.cos(np.radians(30)), np.sin(np.radians(30))
_C6, _S6 = np.cos(np.radians(6)), np.sin(np.radians(6))
_C63, _S63 = np.cos(np.radians(63)), np.sin(np.radians(63))
