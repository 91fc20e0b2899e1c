"""Exchange files and the hand-over sheet."""

import json
import re
from pathlib import Path

import bincopy
import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from daruma.catalogue.loader import Catalogue
from daruma.core.backup import Backup, BackupContent
from daruma.core.job import Job
from daruma.core.pictures.primitives import Picture, Text
from daruma.core.plan.setting import all_actions
from daruma.handover.exchange import ExchangeTrouble, export, from_json, read_file, schema, to_intel_hex, to_json
from daruma.handover.letterhead import Letterhead
from daruma.handover.pages import Pages, make_pages
from daruma.handover.svg import to_svg
from daruma.store.shop import Shop
from tests.core.plan.cases import case
from tests.parts import with_panel
from tests.store.test_store import content

DOCS = Path(__file__).parents[2] / "docs"


def backup(made: BackupContent | None = None) -> Backup:
    made = made or content()
    return Backup(1, made, made.sha256(), "0" * 64)


def test_json_round_trip() -> None:
    made = backup()
    assert from_json(to_json(made).encode(), "x.json") == made.content


@given(st.binary(min_size=1, max_size=300), st.text(max_size=60))
def test_any_image_and_note_go_round(image: bytes, note: str) -> None:
    made = backup(content(1, image=image, note=note))
    assert from_json(to_json(made).encode(), "x.json") == made.content
    assert hex_bytes(to_intel_hex(made)) == image


def hex_bytes(text: str) -> bytes:
    """Read with a second library."""
    theirs = bincopy.BinFile()
    theirs.add_ihex(text)
    return bytes(theirs.as_binary())


def test_intel_hex_against_the_usual_example() -> None:
    """The four records usually shown for Intel HEX; every changed digit of the first is refused by its checksum."""
    records = [
        ":10010000214601360121470136007EFE09D2190140",
        ":100110002146017E17C20001FF5F16002148011928",
        ":10012000194E79234623965778239EDA3F01B2CAA7",
        ":100130003F0156702B5E712B722B732146013421C7",
    ]
    theirs = bincopy.BinFile()
    theirs.add_ihex("\n".join([*records, ":00000001FF"]))
    data = bytes(theirs.as_binary())
    assert len(data) == 64
    ours = to_intel_hex(backup(content(1, image=data)))
    assert hex_bytes(ours) == data
    for at in range(1, len(records[0])):
        changed = records[0][:at] + format((int(records[0][at], 16) + 1) % 16, "X") + records[0][at + 1 :]
        with pytest.raises(bincopy.Error):
            bincopy.BinFile().add_ihex(changed)


def test_a_changed_file_is_refused() -> None:
    plain = json.loads(to_json(backup()))
    for key in ("maker", "imei", "image", "taken"):
        changed = {**plain, key: ("00" if key == "image" else "x") + plain[key][2:]}
        with pytest.raises(ExchangeTrouble, match="changed after it was exported"):
            from_json(json.dumps(changed).encode(), "x.json")


@pytest.mark.parametrize(
    "raw",
    [
        b"",
        b"[]",
        b"{}",
        b'{"format": "other"}',
        b"\xff\xfe",
        b"nonsense",
        b"[" * 100000,
        b'{"format": "daruma-backup", "version": 2}',
    ],
)
def test_foreign_files_are_refused_plainly(raw: bytes) -> None:
    with pytest.raises(ExchangeTrouble, match=r"x\.json is not a backup file") as caught:
        from_json(raw, "x.json")
    assert caught.value.safe == "The vault is unchanged."


@given(st.binary(max_size=300))
def test_any_bytes_are_refused(raw: bytes) -> None:
    with pytest.raises(ExchangeTrouble):
        from_json(raw, "x.json")


def test_too_large_and_missing_files(tmp_path: Path) -> None:
    (tmp_path / "big.json").write_bytes(b" " * ((4 << 20) + 10))
    with pytest.raises(ExchangeTrouble, match="larger"):
        read_file(tmp_path / "big.json")
    with pytest.raises(ExchangeTrouble, match="cannot be read"):
        read_file(tmp_path / "none.json")


def test_the_published_schema_is_the_one_in_force() -> None:
    assert (DOCS / "backup.schema.json").read_text(encoding="utf-8") == schema()


def test_export_writes_three_forms(tmp_path: Path) -> None:
    made = backup()
    files = {path.suffix: path for path in export(made, tmp_path / "out")}
    assert files[".bin"].read_bytes() == made.content.image
    assert hex_bytes(files[".hex"].read_text()) == made.content.image
    assert read_file(files[".json"]) == made.content
    assert not list((tmp_path / "out").glob("*.part"))
    (tmp_path / "file").write_text("")
    with pytest.raises(ExchangeTrouble, match="could not be written"):
        export(made, tmp_path / "file")


@pytest.fixture
def pages(shop: Shop, catalogue: Catalogue) -> Pages:
    job = next(job for job in shop.jobs.all() if job.closed)
    return pages_of(job, shop, catalogue)


def pages_of(job: Job, shop: Shop, catalogue: Catalogue) -> Pages:
    model = catalogue.models[job.ticket.model]
    actions = {a.key: a for a in all_actions(case(catalogue, model.key, job.ticket.system), catalogue.figures)}
    backups = tuple(map(shop.vault.get, job.sources))
    return make_pages(Letterhead("A shop"), job, model, catalogue, actions, backups, shop.journal.acts_of(job.name), None)


def test_the_customer_page_and_the_shop_page(pages: Pages) -> None:
    svgs = [to_svg(plot) for _, plot in pages.plots]
    assert len(svgs) == 2
    customer, shop_page = pages.html(False, svgs), pages.html(True, svgs)
    assert "off its path" in shop_page
    assert "off its path" not in customer, "numbers go to the shop's file"
    for page in (customer, shop_page):
        assert "In practice only: Everything that was promised works and was tested" in page
        assert "Practice, with simulated devices (phone cable, programmer, colorimeter)" in page, "never printed as real"
        assert "True Tone" in page
        assert "in practice only" in page
        assert not re.search(r">\s*(proven|works, tested)\s*<", page)
        assert "<svg" in page
        assert "http" not in page.replace("http://www.w3.org/2000/svg", ""), "self-contained"
    imei = pages.sheet.job.ticket.imei
    assert imei[:12] not in customer.replace(" ", ""), "the customer's page shows only the end of the IMEI"
    assert pages.sheet.imei in shop_page
    (backup,) = pages.sheet.backups
    assert backup.sha256 in shop_page
    assert backup.sha256 not in customer


def test_a_job_without_stand_ins_is_proven(pages: Pages) -> None:
    real = replace(pages, sheet=replace(pages.sheet, job=replace(pages.sheet.job, standins=())))
    customer, shop_page = (real.html(shop_file, ["", ""]) for shop_file in (False, True))
    assert ("works, tested" in customer, '"proven">proven' in shop_page) == (True, True)
    assert not re.search("In practice|in practice|Practice,", customer + shop_page)


def test_what_was_not_proven_is_said(shop: Shop, catalogue: Catalogue) -> None:
    job = next(job for job in shop.jobs.all() if job.closed)
    bad = replace(job, proofs=tuple(replace(p, proven=False, summary="The white is stuck.") for p in job.proofs[:1]))
    made = pages_of(bad, shop, catalogue)
    page = made.html(False, [""] * len(made.plots))
    assert "In practice only: 0 of 4 promises could be proven" in page
    assert "True Tone: The white is stuck." in page
    assert "Touch: it was not tested" in page


def test_markup_in_typed_text_does_not_run(shop: Shop, catalogue: Catalogue) -> None:
    job = next(job for job in shop.jobs.all() if job.closed)
    evil = "<script>alert(1)</script>"
    job = with_panel(replace(job, ticket=replace(job.ticket, complaint=evil)), source=evil, maker=evil)
    made = pages_of(job, shop, catalogue)
    page = made.html(True, [""] * len(made.plots))
    assert "<script" not in page
    assert "&lt;script&gt;" in page
    svg = to_svg(Picture(10, 10, (Text(0, 0, evil),), (), evil))
    assert "<script" not in svg


def test_pages_are_saved_whole(pages: Pages, tmp_path: Path) -> None:
    files = pages.save_html(tmp_path / "out")
    assert [path.name.endswith(end) for path, end in zip(files, ("customer.html", "shop.html"), strict=True)] == [True, True]
    assert not list((tmp_path / "out").glob("*.part"))
