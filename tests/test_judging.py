"""Proofs asked at the command line: answers as JSON of a stated shape, errors that say what, what is safe, what next."""

import json
from pathlib import Path
from typing import Any

import numpy as np
import pytest
from click.testing import CliRunner
from msgspec.structs import replace
from PIL import Image
from scipy.spatial.transform import Rotation

from daruma.cli import main
from tests.core.cell.packs import carried_out, pack, samples_of
from tests.core.depth import modules
from tests.core.haptic.test_ring import free
from tests.core.optics.test_align import sweep
from tests.core.optics.test_edge import picture
from tests.core.optics.test_lens import BOARD

CAMERA = """%YAML:1.0
---
camera_matrix: !!opencv-matrix
   rows: 3
   cols: 3
   dt: d
   data: [ 600., 0., 320., 0.,
       605., 240., 0., 0., 1. ]
distortion_coefficients: !!opencv-matrix
   rows: 5
   cols: 1
   dt: d
   data: [ -2.5e-01, 1.0e-01, 1.0e-03, -2.0e-03, 0. ]
"""


def table(path: Path, columns: str, rows: Any) -> str:
    np.savetxt(path, rows, delimiter=",", header=columns, comments="")
    return str(path)


def asked(*words: str) -> dict[str, Any]:
    result = CliRunner().invoke(main, ["judge", *words, "--json"])
    assert result.exit_code == 0, result.output
    told = CliRunner().invoke(main, ["judge", *words])
    assert told.exit_code == 0
    assert told.output.strip()
    found: dict[str, Any] = json.loads(result.output)
    assert found["version"] == 1
    return found


def refused(*words: str) -> str:
    result = CliRunner().invoke(main, ["judge", *words, "--json"])
    assert result.exit_code == 1
    assert len(result.stderr.splitlines()) == 3, "what happened, what is safe, what next"
    return result.stderr


def test_dots(tmp_path: Path) -> None:
    rng = np.random.default_rng(1)
    rays, plane = modules.module(rng), np.array([1e-4, 0.0, 1 / 400])
    points = modules.seen(rng, modules.picture(rays, rng.normal(0, 0.0005, 3), plane))
    seen, own = table(tmp_path / "s.csv", "u,v", points), table(tmp_path / "m.csv", "x,y", rays)
    found = asked("dots", seen, own)
    assert (found["format"], found["verdict"]) == ("daruma-dots", "proven")
    assert found["distance_mm"]["value"] == pytest.approx(400, abs=4 * found["distance_mm"]["u"])
    assert len(found["zones"]) == 9
    other = table(tmp_path / "o.csv", "x,y", modules.module(rng))
    assert asked("dots", seen, other)["verdict"] == "not proven"
    known = table(tmp_path / "k.csv", "u,v,card_mm", np.column_stack((points, np.full(len(points), 400.0))))
    assert asked("dots", known, own)["shift_mrad"]["u"] <= found["shift_mrad"]["u"] * 1.01
    nothing = tmp_path / "n.csv"
    nothing.write_text("u,v\n")
    assert "dark" in asked("dots", str(nothing), own)["why"]
    assert "no column u" in refused("dots", own, own)
    assert "No such file" in refused("dots", str(tmp_path / "none.csv"), own)
    nothing.write_text("u,v\n1,inf\n")
    assert "line 2, column v" in refused("dots", str(nothing), own)
    bad = CliRunner().invoke(main, ["judge", "dots", seen, own, "--size", "640"])
    assert bad.exit_code == 2


def test_sharpness(tmp_path: Path) -> None:
    file = tmp_path / "edge.png"
    Image.fromarray(picture(0.8, 5.0, np.random.default_rng(2)).astype(np.uint8)).save(file)
    found = asked("sharpness", str(file))
    assert found["format"] == "daruma-sharpness"
    assert found["mtf50_cpp"]["value"] == pytest.approx(0.18739 / 0.8, rel=0.02)
    assert found["edge_deg"] == pytest.approx(5, abs=0.1)
    Image.fromarray(np.zeros((64, 64), np.uint8)).save(file)
    assert "no edge" in refused("sharpness", str(file))
    file.write_bytes(b"no picture")
    assert "no picture" in refused("sharpness", str(file))


def test_lens(tmp_path: Path) -> None:
    camera = tmp_path / "camera.yml"
    camera.write_text(CAMERA)
    from daruma.handover.optics import read_camera

    lens = read_camera(CAMERA.encode(), "camera.yml")
    rows = []
    for view in range(3):
        turn = Rotation.from_rotvec([0.2 * view, -0.1, 0.05])
        points = lens.seen(turn.apply(BOARD) + np.array([-90.0, -60.0, 500.0]))
        rows += [[view, *corner, *point] for corner, point in zip(BOARD, points, strict=True)]
    corners = table(tmp_path / "corners.csv", "view,x,y,z,u,v", rows)
    found = asked("lens", corners, str(camera))
    assert found["format"] == "daruma-lens"
    assert len(found["views"]) == 3
    assert found["rms_px"] < 1e-6
    camera.write_text("%YAML:1.0\n")
    assert "no camera matrix" in refused("lens", corners, str(camera))
    camera.write_text(CAMERA.replace("605.", "x"))
    assert "no number" in refused("lens", corners, str(camera))
    few = table(tmp_path / "few.csv", "view,x,y,z,u,v", rows[:4])
    camera.write_text(CAMERA)
    assert "4 corners" in refused("lens", few, str(camera))


def test_align(tmp_path: Path) -> None:
    gyro, camera, rotation, offset, _ = sweep(3, 30)
    files = [
        table(tmp_path / f"{i}.csv", "t,wx,wy,wz", np.column_stack((each.t, each.w))) for i, each in enumerate((gyro, camera))
    ]
    found = asked("align", *files)
    assert found["format"] == "daruma-align"
    assert np.array(found["rotation"]) == pytest.approx(rotation, abs=0.01)
    assert found["offset_ms"]["value"] == pytest.approx(1000 * offset, abs=4 * found["offset_ms"]["u"])
    assert len(found["bias"]) == 3
    short = table(tmp_path / "short.csv", "t,wx,wy,wz", np.zeros((5, 4)) + np.arange(5)[:, None])
    assert "30 at least" in refused("align", short, files[1])


def test_ring(tmp_path: Path) -> None:
    t = np.arange(0, 0.25, 1 / 1600)
    log = table(tmp_path / "log.csv", "t,a", np.column_stack((t, free(t, 171, 0.045))))
    found = asked("ring", log)
    assert found["format"] == "daruma-ring"
    assert found["f0_hz"]["value"] == pytest.approx(171, abs=1e-3)
    assert found["damping"]["value"] == pytest.approx(0.045, abs=1e-5)
    flat = table(tmp_path / "flat.csv", "t,a", np.column_stack((t, np.zeros(len(t)))))
    assert "ring" in refused("ring", flat) or "decay" in refused("ring", flat)


def test_pd() -> None:
    found = asked("pd", "0001912C", "0xC0DC213C")
    assert found["format"] == "daruma-pd"
    fixed, programmable = found["objects"]
    assert (fixed["type"], fixed["volts_max"], fixed["amperes"]) == ("fixed", 5, 3)
    assert (programmable["type"], programmable["volts_min"], programmable["volts_max"]) == ("programmable", 3.3, 11)
    assert "no 32-bit word" in refused("pd", "zz")
    assert "no 32-bit word" in refused("pd", "123456789")


def test_heat(tmp_path: Path) -> None:
    t = np.arange(0, 200, 0.5)
    log = table(tmp_path / "log.csv", "t,celsius", np.column_stack((t, 25 + 5 * np.minimum(t, 47))))
    found = asked("heat", log, "--step", "reflow_lead_free")
    assert found["format"] == "daruma-heat"
    assert {each["limit"] for each in found["violations"]} >= {"ramp_up"}
    assert found["violations"][0]["value"] == pytest.approx(5, abs=0.1)
    assert "solder_chip" in refused("heat", log, "--step", "no such step")


def test_meter(tmp_path: Path) -> None:
    t = np.arange(0.0, 600.0, 1.0)
    a = np.where(t < 300, 0.0, 1.0)
    path = table(tmp_path / "log.csv", "Time (s),Voltage (V),Current (A)", np.column_stack((t, 5.0 - 0.1 * a, a)))
    found = asked("meter", path)
    assert found["format"] == "daruma-meter"
    assert found["samples"] == 600
    assert found["charge_mAh"]["positive"]["value"] == pytest.approx(299.5 / 3.6)
    assert found["charge_mAh"]["negative"] == {"value": 0.0, "u": 0.0}
    assert [phase["kind"] for phase in found["phases"]] == ["nothing", "constant_current"]
    assert found["steps"][0]["r_first_ohm"] == pytest.approx(-0.1)
    assert found["gaps"] == []
    assert "no columns that could be volts" in refused("meter", table(tmp_path / "no.csv", "t,q", np.zeros((3, 2))))
    assert "there is no such file" in refused("meter", str(tmp_path / "gone.csv"))


def test_cell(tmp_path: Path) -> None:
    station, test = pack(31)
    outcome = carried_out(station, replace(test, whole=True))
    log = samples_of(station)
    path = table(tmp_path / "log.csv", "Time (s),Voltage (V),Current (A)", np.column_stack((log.t, log.v, log.a)))
    found = asked("cell", path, "--rated", str(test.rated), "--chemistry", test.cell.key)
    assert found["format"] == "daruma-cell"
    assert abs(found["capacity_mAh"]["value"] - outcome.truth) < 3 * found["capacity_mAh"]["u"]
    assert found["capacity_mAh"]["method"] == "full discharge"
    assert found["may_write_percent"] <= 100 * outcome.truth / test.rated
    assert found["full_cycles"] > 0.5
    short = table(tmp_path / "short.csv", "t,v,a", np.column_stack((log.t, log.v, log.a))[:50])
    assert "does not say what the cell holds" in refused("cell", short, "--rated", "3000")
    assert "No chemistry is called stone" in refused("cell", path, "--rated", "3000", "--chemistry", "stone")
