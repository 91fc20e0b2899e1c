"""Two windows on one data folder: both may write, neither settles the other's act, a restore waits."""

import multiprocessing
import os
import signal
from pathlib import Path

import pytest
from sqlalchemy import event

from daruma.core.acts import Act, ActKind, ActState
from daruma.store.shop import Shop
from daruma.store.trouble import StoreTrouble
from tests.store.conftest import content


def intend(shop: Shop, die: str) -> Act:
    return shop.journal.intend(
        ActKind.WRITE, job="J-0001", die=die, backup="", digest="", started="", evidence=(("Lock", "lit"),)
    )


def keep_many(folder: Path, first: int) -> None:
    with Shop(folder) as shop:
        for n in range(first, first + 40):
            shop.vault.keep(content(n))
            act = intend(shop, f"D{n}")
            shop.journal.settle(act, ActState.DONE, "", "")


def test_processes_keep_at_once_and_lose_nothing(tmp_path: Path) -> None:
    """They also start at once on a folder that is not there yet: one makes it, the others wait."""
    folder = tmp_path / "shop"
    context = multiprocessing.get_context("spawn")
    workers = [context.Process(target=keep_many, args=(folder, 1 + 100 * index)) for index in range(3)]
    for worker in workers:
        worker.start()
    for worker in workers:
        worker.join(60)
        assert worker.exitcode == 0
    with Shop(folder) as shop:
        assert shop.vault.check() == (120, ())
        assert len(shop.journal.acts_of("J-0001")) == 120
        assert shop.journal.in_doubt() == ()


def test_what_another_window_is_doing_is_not_in_doubt_until_it_dies(tmp_path: Path) -> None:
    folder = tmp_path / "shop"
    Shop(folder).close()
    ready, tell = os.pipe()
    child = os.fork()
    if child == 0:
        shop = Shop(folder)
        intend(shop, "D1")
        os.write(tell, b"x")
        signal.pause()
    os.read(ready, 1)
    with Shop(folder) as here:
        (act,) = here.journal.in_doubt()
        assert here.journal.is_under_way(act)
        assert here.journal.left_in_doubt() == (), "it is not announced, and not settled from here"
        with pytest.raises(StoreTrouble, match="never settled"):
            intend(here, "D1")
        os.kill(child, signal.SIGKILL)
        os.waitpid(child, 0)
        assert here.journal.left_in_doubt() == (act,), "the dead hold no locks"
        here.journal.settle(act, ActState.FAILED, "", "")
        assert here.journal.in_doubt() == ()
    os.close(ready)
    os.close(tell)


def test_a_newer_or_unknown_version_is_left_alone(tmp_path: Path) -> None:
    with Shop(tmp_path / "shop") as shop, shop.database.writing() as connection:
        connection.exec_driver_sql("UPDATE alembic_version SET version_num = '9999'")
    with pytest.raises(StoreTrouble, match="newer Daruma"):
        Shop(tmp_path / "shop")


def test_questions_go_by_index(tmp_path: Path) -> None:
    """However large vault and journal grow, what is asked all the time reads no table from end to end."""
    with Shop(tmp_path / "shop") as shop:
        shop.vault.keep_all(content(n, imei=str(n)) for n in range(1, 30))
        shop.journal.settle(intend(shop, "D1"), ActState.DONE, "", "")
        asked: list[tuple[str, object]] = []
        engine = shop.database._engine
        event.listen(engine, "before_cursor_execute", lambda _c, _k, statement, values, _x, _m: asked.append((statement, values)))
        shop.vault.get("B-00007")
        shop.vault.find("SERIAL0007")
        shop.vault.find(imei="7")
        shop.vault.find(layout="cedar_l_display", maker="Ostby", limit=50)
        shop.journal.acts_of("J-0001")
        shop.journal.acts_on("D1")
        shop.journal.in_doubt()
        shop.jobs.on_view()
        selects = [(statement, values) for statement, values in asked if statement.lstrip().startswith("SELECT")]
        assert len(selects) > 8
        with shop.database.reading() as connection:
            for statement, values in selects:
                plan = [str(row[3]) for row in connection.exec_driver_sql(f"EXPLAIN QUERY PLAN {statement}", values)]
                walked = [line for line in plan if line.startswith("SCAN") and "VIRTUAL TABLE" not in line]
                assert all("doubts" in line or "USING" in line for line in walked), (statement, plan)
