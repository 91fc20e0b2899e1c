"""Proofs of cameras asked at the command line: sharpness, focus, lens, alignment."""

from pathlib import Path

import click

from daruma.core.errors import Trouble
from daruma.core.language import tr
from daruma.judging_common import FILE, as_json, read_file, say


@click.command()
@click.argument("image", type=FILE)
@as_json
def sharpness(image: Path, as_json: bool) -> None:
    """Judge the sharpness of the slanted edge in IMAGE: the frequency at which half the contrast is left."""
    from daruma.core.optics.edge import EdgeFault
    from daruma.core.optics.edge import sharpness as judged
    from daruma.handover.optics import LARGEST_PICTURE, answer, figure, read_grey

    try:
        found = judged(read_grey(read_file(image, LARGEST_PICTURE), image.name))
    except EdgeFault as error:
        raise Trouble(
            f"{image.name}: {error}.", safe=tr("Nothing was changed."), advice=tr("Take a picture of one slanted edge.")
        ) from error
    said = answer("sharpness", mtf50_cpp=figure(found.mtf50, found.u), edge_deg=found.edge_deg)
    text = tr(
        "MTF50 {mtf50:.4f} cycles a pixel, standard uncertainty {spread:.4f}; edge at {edge_deg:.2f} degrees",
        mtf50=found.mtf50,
        spread=found.u,
        edge_deg=found.edge_deg,
    )
    say(said, text, as_json=as_json)


@click.command()
@click.argument("corners", type=FILE)
@click.argument("camera", type=FILE)
@as_json
def lens(corners: Path, camera: Path, as_json: bool) -> None:
    """Judge a lens record: CORNERS of a chessboard (view,x,y,z,u,v) projected by CAMERA (an OpenCV YAML file)."""
    from daruma.core.optics.lens import board_fits, rms_of_all
    from daruma.handover.optics import LARGEST_CAMERA, answer, read_camera, read_corners
    from daruma.handover.tabular import LARGEST

    try:
        views = read_corners(read_file(corners, LARGEST), corners.name)
        found = board_fits(read_camera(read_file(camera, LARGEST_CAMERA), camera.name), views)
    except ValueError as error:
        raise Trouble(
            f"{corners.name}: {error}.", safe=tr("Nothing was changed."), advice=tr("Take more corners of that view.")
        ) from error
    shown = [{"view": fit.view, "rms_px": fit.rms_px} for fit in found]
    lines = [tr("view {view}: {rms_px:.3f} px", view=fit.view, rms_px=fit.rms_px) for fit in found]
    text = "\n".join([*lines, tr("all: {rms_of_all:.3f} px", rms_of_all=rms_of_all(found))])
    say(answer("lens", views=shown, rms_px=rms_of_all(found)), text, as_json=as_json)


@click.command("align")
@click.argument("gyro", type=FILE)
@click.argument("camera", type=FILE)
@as_json
def align_(gyro: Path, camera: Path, as_json: bool) -> None:
    """Judge how a camera stands to its gyroscope: both as t,wx,wy,wz (s, rad/s)."""
    from daruma.core.optics.align import align
    from daruma.handover.optics import LARGEST_LOG, answer, figure, read_turning

    try:
        mine, theirs = (read_turning(read_file(path, LARGEST_LOG), path.name) for path in (gyro, camera))
        found = align(mine, theirs)
    except ValueError as error:
        raise Trouble(
            f"{gyro.name}, {camera.name}: {error}.", safe=tr("Nothing was changed."), advice=tr("Turn the phone once more.")
        ) from error
    said = answer(
        "align",
        rotation=found.rotation.tolist(),
        rotation_u_deg=found.rotation_u_deg,
        offset_ms=figure(1000 * found.offset, 1000 * found.offset_u),
        bias=found.bias.tolist(),
        bias_u=found.bias_u.tolist(),
    )
    rows = "\n".join("  ".join(f"{value:9.6f}" for value in row) for row in found.rotation)
    late = tr(
        "the camera is {offset:.2f} ms late, standard uncertainty {offset_u:.2f}",
        offset=1000 * found.offset,
        offset_u=1000 * found.offset_u,
    )
    bias = tr("bias ") + ", ".join(f"{value:.5f}" for value in found.bias) + tr(" rad/s")
    say(
        said,
        f"rotation, gyroscope = R camera, standard uncertainty {found.rotation_u_deg:.3f} degrees\n{rows}\n{late}\n{bias}",
        as_json=as_json,
    )


@click.command()
@click.argument("log", type=FILE)
@as_json
def focus(log: Path, as_json: bool) -> None:
    """Judge where a lens is sharpest by a sweep in LOG (mode,distance_m,code,swept,edge,mtf50_cpp,u), at each distance."""
    from daruma.core.optics.focus import FEWEST, peak_of
    from daruma.handover.optics import LARGEST_LOG, answer, figure, read_sweeps

    sweeps = read_sweeps(read_file(log, LARGEST_LOG), log.name)
    peaks: list[dict[str, object]] = []
    lines: list[str] = []
    for distance, points in sorted(sweeps.items()):
        found = peak_of(*zip(*points, strict=True)) if len(points) >= FEWEST else None
        if found is None:
            lines.append(tr("{distance:g} m: no peak", distance=distance))
            peaks.append({"distance_m": distance, "code": None, "mtf50_cpp": None})
            continue
        lines.append(
            tr(
                "{distance:g} m: sharpest at code {code:.2f} (standard uncertainty {spread:.2f}), {mtf50:.4f} c/px",
                distance=distance,
                code=found.code,
                spread=found.u,
                mtf50=found.mtf50,
            )
        )
        code, sharp = figure(found.code, found.u), figure(found.mtf50, found.mtf50_u)
        peaks.append({"distance_m": distance, "code": code, "mtf50_cpp": sharp})
    say(answer("focus", peaks=peaks), "\n".join(lines), as_json=as_json)
