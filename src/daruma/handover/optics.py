"""Pictures, corners, cameras and turnings as files: what a camera or a motor has shown, and what it proves."""

from __future__ import annotations

import io
import re
import warnings
from collections.abc import Sequence
from typing import TYPE_CHECKING, Any

import numpy as np

from daruma.core.language import tr
from daruma.handover.tabular import MeasurementTrouble, number_of, read_table, trouble

if TYPE_CHECKING:
    from daruma.core.haptic.ring import Floats
    from daruma.core.optics.align import Turning
    from daruma.core.optics.lens import Camera

MOST_PIXELS = 50_000_000
LARGEST_PICTURE = 100 << 20  # bytes
MOST_SAMPLES = 1_000_000
LARGEST_LOG = 100 << 20  # bytes
MOST_CORNERS = 200_000
MOST_VIEWS = 500
LARGEST_CAMERA = 1 << 20  # bytes
_MATRIX = r"(?m)^{name}\s*:\s*!!opencv-matrix\s*(?:\n[ \t]+(?:rows|cols|dt)\s*:[^\n]*)+\n[ \t]+data\s*:\s*\[([^\]]*)\]"
_CAMERA_NAMES = ("camera_matrix", "Camera_Matrix", "cameraMatrix", "K", "M1")
_BENT_NAMES = ("distortion_coefficients", "Distortion_Coefficients", "distCoeffs", "dist_coeffs", "D", "D1")


def read_grey(raw: bytes, name: str) -> Floats:
    """Read a picture as grey values (rows, columns); raise MeasurementTrouble for what is none or too large."""
    from PIL import Image, UnidentifiedImageError

    if len(raw) > LARGEST_PICTURE:
        raise trouble(name, tr("the picture is larger than 100 MB"))
    try:
        with warnings.catch_warnings():
            warnings.simplefilter("error", Image.DecompressionBombWarning)
            picture: Image.Image = Image.open(io.BytesIO(raw), formats=("PNG", "TIFF", "BMP", "PPM"))
            if picture.width * picture.height > MOST_PIXELS:
                raise trouble(name, tr("more than {most_pixels} million pixels", most_pixels=MOST_PIXELS // 1000000))
            if picture.mode not in ("L", "I;16", "I", "F"):
                picture = picture.convert("L")
            return np.asarray(picture, dtype=np.float64)
    except MeasurementTrouble:
        raise
    except (UnidentifiedImageError, OSError, ValueError, SyntaxError, Image.DecompressionBombError, Warning) as error:
        raise trouble(name, tr("it is no picture that can be read ({error})", error=error)) from error


def read_corners(raw: bytes, name: str) -> dict[str, tuple[Floats, Floats]]:
    """Read corners of a board: columns view, x, y, z, u, v; return by view the corners (n, 3) and where they were seen (n, 2)."""
    table = read_table(raw, name, MOST_CORNERS)
    _needs(table.columns, ("view", "x", "y", "z", "u", "v"), name)
    rows: dict[str, list[list[float]]] = {}
    for line, cells in table.rows:
        view = cells["view"].strip()[:60]
        rows.setdefault(view, []).append([number_of(table, line, cells, key, name) for key in ("x", "y", "z", "u", "v")])
        if len(rows) > MOST_VIEWS:
            raise trouble(name, tr("more than {most_views} views", most_views=MOST_VIEWS))
    if not rows:
        raise trouble(name, tr("there are no corners in it"))
    return {view: (np.array(found)[:, :3], np.array(found)[:, 3:]) for view, found in rows.items()}


def read_sweeps(raw: bytes, name: str) -> dict[float, list[tuple[float, float, float]]]:
    """Read focus sweeps: columns mode, distance_m, code, swept, mtf50_cpp, u; return code, half contrast and u by distance."""
    table = read_table(raw, name, MOST_SAMPLES)
    _needs(table.columns, ("distance_m", "code", "mtf50_cpp", "u"), name)
    found: dict[float, list[tuple[float, float, float]]] = {}
    for line, cells in table.rows:
        if cells.get("mode", "autofocus").strip() != "autofocus" or cells.get("swept", "1").strip() not in ("1", ""):
            continue
        distance, code, mtf50, u = (number_of(table, line, cells, key, name) for key in ("distance_m", "code", "mtf50_cpp", "u"))
        if mtf50 > 0:
            found.setdefault(distance, []).append((code, mtf50, max(u, 1e-6)))
    if not found:
        raise trouble(name, tr("there is no sweep of the focus in it"))
    return found


def read_camera(raw: bytes, name: str) -> Camera:
    """Read a camera of an OpenCV YAML file: its matrix and k1, k2, p1, p2, k3; raise MeasurementTrouble where one is missing."""
    from daruma.core.optics.lens import Camera

    if len(raw) > LARGEST_CAMERA:
        raise trouble(name, tr("the file is larger than 1 MB"))
    text = raw.decode("utf-8", errors="replace")
    matrix, bent = (
        _numbers(text, _CAMERA_NAMES, name, tr("camera matrix")),
        _numbers(text, _BENT_NAMES, name, tr("distortion coefficients")),
    )
    if len(matrix) != 9:
        raise trouble(name, tr("the camera matrix has {count_matrix} numbers, not 9", count_matrix=len(matrix)))
    if len(bent) not in (4, 5) and any(bent[5:]):
        raise trouble(
            name, tr("{count_bent} distortion coefficients: only k1, k2, p1, p2, k3 are known here", count_bent=len(bent))
        )
    fx, _, cx, _, fy, cy, *_ = matrix
    if fx <= 0 or fy <= 0:
        raise trouble(name, tr("a focal length is not positive"))
    return Camera(fx, fy, cx, cy, *(bent[:5] + [0.0] * (5 - len(bent[:5]))))


def _numbers(text: str, names: Sequence[str], name: str, what: str) -> list[float]:
    for each in names:
        found = re.search(_MATRIX.format(name=re.escape(each)), text)
        if found is None:
            continue
        try:
            numbers = [float(part) for part in found.group(1).replace("\n", " ").split(",") if part.strip()]
        except ValueError as error:
            raise trouble(name, tr("the {what} holds something that is no number", what=what)) from error
        if not np.isfinite(numbers).all():
            raise trouble(name, tr("the {what} holds something that is no number", what=what))
        return numbers
    raise trouble(name, tr("there is no {what} in it (an OpenCV YAML file has one named {names})", what=what, names=names[0]))


def read_turning(raw: bytes, name: str) -> Turning:
    """Read angular velocities: columns t (s), wx, wy, wz (rad/s)."""
    from daruma.core.optics.align import Turning

    values = _columns(raw, name, ("t", "wx", "wy", "wz"))
    return Turning(values[:, 0], values[:, 1:])


def read_signal(raw: bytes, name: str) -> tuple[Floats, Floats]:
    """Read a signal: columns t (s), a."""
    values = _columns(raw, name, ("t", "a"))
    return values[:, 0], values[:, 1]


def read_shakes(raw: bytes, name: str) -> Floats:
    """Read shakes of a haptic motor: columns shake (a number), t (s), a."""
    return _columns(raw, name, ("shake", "t", "a"))


def runs_of(table: Floats) -> list[Floats]:
    """Return the rows (n, 3) of each shake, the shakes in the order in which they first come."""
    _, first, numbers, counts = np.unique(table[:, 0], return_index=True, return_inverse=True, return_counts=True)
    groups = np.split(table[np.argsort(numbers, kind="stable")], np.cumsum(counts)[:-1])
    return [groups[place] for place in np.argsort(first)]


def read_heat(raw: bytes, name: str) -> tuple[Floats, Floats]:
    """Read a thermocouple's log: columns t (s) and celsius, or temp_c."""
    head = raw[:1000].decode("utf-8", errors="replace").partition("\n")[0].lower()
    values = _columns(raw, name, ("t", "temp_c" if "temp_c" in head and "celsius" not in head else "celsius"))
    return values[:, 0], values[:, 1]


def _columns(raw: bytes, name: str, wanted: tuple[str, ...]) -> Floats:
    table = read_table(raw, name, MOST_SAMPLES, LARGEST_LOG)
    _needs(table.columns, wanted, name)
    rows = [[number_of(table, line, cells, key, name) for key in wanted] for line, cells in table.rows]
    if len(rows) < 2:
        raise trouble(name, tr("there are no samples in it"))
    return np.array(rows)


def _needs(columns: Sequence[str], wanted: Sequence[str], name: str) -> None:
    missing = [column for column in wanted if column not in columns]
    if missing:
        raise trouble(
            name,
            tr("there is no column {missing}; the first line names the columns", missing=tr(" and no column ").join(missing)),
        )


def figure(value: float, u: float) -> dict[str, float]:
    """Return a value with its standard uncertainty as JSON data."""
    return {"value": float(value), "u": float(u)}


def answer(kind: str, **more: Any) -> dict[str, Any]:
    """Return a judgement as JSON data of version 1."""
    return {"format": f"daruma-{kind}", "version": 1, **more}
