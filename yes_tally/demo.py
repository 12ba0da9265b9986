"""The demo office, made by running the real pipeline over what the stand-ins print."""

from __future__ import annotations

from dataclasses import dataclass, replace
from datetime import UTC, datetime, timedelta
from importlib.resources import files
from pathlib import Path
from random import Random

from yes_tally.core.reading.phrases.taught import TaughtPhrase
from yes_tally.records import parts, people, sheets, specs
from yes_tally.records.asking import give_address
from yes_tally.records.assets import NewAsset, add_asset, get_asset
from yes_tally.records.models import Asset, Person
from yes_tally.records.phrasebook import From
from yes_tally.records.store import open_store, using
from yes_tally.records.teaching import teach
from yes_tally.records.visits import enter, get_visit, hand_in, seal_visit
from yes_tally.standins import FIRST_PORT, SEED
from yes_tally.standins.commands import ENGLISH, GERMAN
from yes_tally.standins.machine import Machine
from yes_tally.standins.office import earlier, office
from yes_tally.standins.reports import session

SHEET = "Harbour OS"
_SHEETS = {
    "harbour-os.csv": SHEET, "harbour-os-deutsch.csv": "Harbour OS, Deutsch", "harbour-os-francais.csv": "Harbour OS, français",
    "harbour-os-espanol.csv": "Harbour OS, español",
}  # fmt: skip
PEOPLE = (
    ("ines", "Ines Calloway", "lead", "lantern-room-7"),
    ("tamsin", "Tamsin Quill", "technician", "harbour-desk-3"),
    ("bram", "Bram Ferrow", "reader", "ticket-hut-11"),
)
_GERMAN_HOSTS = frozenset({"gp-tkt-02", "nq-drw-04"})
_NEVER_MET = "gp-wks-03"
_REFUSING = "nq-acc-04"
_OPEN_TODAY = ("nq-crw-04", "gp-hbr-02", "nq-dsp-04", "nq-tkt-02")
_KIOSK = (files("yes_tally.standins") / "kiosk.txt").read_bytes()
_RIGHTS_NEEDED = ("about licence", "about firewall", "about accounts")


@dataclass(frozen=True)
class Printed:
    """One report to hand in: its bytes and what the file is called."""

    data: bytes
    file: str


def build_demo(path: Path, today: datetime | None = None) -> None:
    """Make the demo office's store at ``path``, which must not exist yet."""
    open_store(path)
    with using():
        for file, name in _SHEETS.items():
            text = (files("yes_tally.standins") / "sheets" / file).read_text("utf-8")
            sheets.save(name, SHEET, sheets.from_csv(text))
        now = (today or datetime.now(UTC)).replace(tzinfo=None, microsecond=0)
        folk = {name: people.add_person(name, full, role, password) for name, full, role, password in PEOPLE}
        for entry in sorted((files("yes_tally.standins") / "specs").iterdir(), key=lambda e: e.name):
            specs.publish(entry.read_text("utf-8"), "first revision", folk["ines"])
        parts.take_in((files("yes_tally.standins") / "parts.csv").read_text("utf-8"), folk["tamsin"])
        machines = office(SEED, now)
        _Seeder(folk, machines, now).run()


class _Seeder:
    """Walks the office as the technicians did, month by month, and leaves today's work open on the Bench."""

    def __init__(self, folk: dict[str, Person], machines: list[Machine], now: datetime) -> None:
        self.folk, self.machines, self.now = folk, machines, now
        self.random = Random(SEED)
        self.assets: dict[str, Asset] = {}

    def run(self) -> None:
        for index, pc in enumerate(self.machines):
            asset = add_asset(NewAsset(pc.tag, pc.role, pc.site, pc.room, pc.desk, pc.host))
            give_address(asset, "127.0.0.1", FIRST_PORT + index, SHEET)
            self.assets[pc.host] = get_asset(asset.id)
        for at, pc in sorted(self._plan(), key=lambda visit: visit[0]):
            self._sealed_visit(pc, at)
        self._today()

    def _plan(self) -> list[tuple[datetime, Machine]]:
        plan: list[tuple[datetime, Machine]] = []
        for pc in self.machines:
            if pc.host == _NEVER_MET:
                continue
            last = 0 if self.random.random() < 0.3 else self.random.choice((2, 2, 9, 9, 9, 41))
            last = max(last, 12) if pc.host in _OPEN_TODAY else last
            for days in (last + 190, last + 100, last + 45, last)[self.random.randint(0, 1) :]:
                at = self.now - timedelta(days=days, minutes=self.random.randint(5, 300))
                healthy = days > 60 and pc.host not in ("nq-tkt-03",)
                plan.append((at, self._as_it_was(earlier(pc, days, self.random), healthy)))
        return plan

    def _as_it_was(self, pc: Machine, healthy: bool) -> Machine:
        """Most troubles are new: long ago the machine was as its neighbours are."""
        if not healthy or not pc.troubles:
            if pc.host in ("nq-acc-02", "gp-wks-01") and not healthy:
                other = "gp-wks-01" if pc.host == "nq-acc-02" else "nq-acc-02"
                return pc.but(disk=next(m for m in self.machines if m.host == other).items["disk"])
            return pc
        healthy_facts = {
            "licence.channel": "volume", "licence.state": "active", "licence.expires_at": "never", "licence.permanent": True,
        }  # fmt: skip
        software = tuple(s for s in pc.items["software"] if s["name"] != "MagnetPull")
        accounts = tuple(a for a in pc.items["account"] if a["name"] != "helper2")
        return replace(pc.but(healthy_facts, software=software, account=accounts), claims={})

    def _sealed_visit(self, pc: Machine, at: datetime) -> None:
        who = self.folk[self.random.choice(("ines", "tamsin"))]
        number: int | None = None
        for minutes, report in enumerate(self._printed(pc)):
            taken = at + timedelta(minutes=2 * minutes)
            visit = hand_in(report.data, report.file, "file", who, number, _stored(taken))
            number = visit.id
        visit = get_visit(number or 0)
        entered = enter(visit.id, visit.version, self.assets[pc.host].id, who)
        seal_visit(entered.id, entered.version, who, _stored(at + timedelta(minutes=9)))

    def _printed(self, pc: Machine) -> list[Printed]:
        """A visit's reports: two files, in the encoding and with the gaps of that PC."""
        commands = GERMAN if pc.host in _GERMAN_HOSTS else ENGLISH
        refused = _RIGHTS_NEEDED if pc.host == _REFUSING else ()
        mistyped = "abuot licence" if self.random.random() < 0.15 else ""
        halves = (commands[:4], commands[4:])
        texts = [session(pc, half, refused, mistyped if number else "") for number, half in enumerate(halves)]
        if pc.host.startswith("nq-drw"):
            return [
                Printed(text.replace("\n", "\r\n").encode("utf-16"), f"{pc.host}-{n}.txt")
                for n, text in enumerate(texts, 1)
            ]
        ends = "\r\n" if pc.host.startswith("nq-acc") else "\n"
        return [Printed(text.replace("\n", ends).encode(), f"{pc.host}-{n}.txt") for n, text in enumerate(texts, 1)]

    def _today(self) -> None:
        """What lies on the Bench this morning."""
        by_host = {pc.host: pc for pc in self.machines}
        renamed = by_host["gp-hbr-02"].but({"host.name": "nq-dsp-05"})
        for minutes, pc in (
            (95, by_host["nq-tkt-02"]),
            (60, by_host["nq-dsp-04"]),
            (35, renamed),
            (12, by_host["nq-crw-04"]),
        ):
            who = self.folk["tamsin"]
            text = session(pc, ENGLISH, mistyped="abuot licence" if pc.host == "nq-crw-04" else "")
            at = self.now - timedelta(minutes=minutes)
            hand_in(text.encode(), f"{pc.host}.txt", "pasted", who, None, _stored(at))
        self._kiosk()
        refusal = f"PC > about licence\nabout: {NO_NAME_REFUSAL}\n"
        hand_in(
            refusal.encode(),
            "from the corridor PC.txt",
            "file",
            self.folk["ines"],
            None,
            _stored(self.now - timedelta(minutes=4)),
        )

    def _kiosk(self) -> None:
        """A terminal that speaks in words of its own, two of which were taught already."""
        at = self.now - timedelta(minutes=21)
        visit = hand_in(_KIOSK, "gp-kio-01.txt", "pasted", self.folk["tamsin"], None, _stored(at))
        sha256 = visit.reports.get().report_id
        for phrase, line, printed in (
            (TaughtPhrase("Berth memory", "memory.installed"), 5, "4 GB"),
            (TaughtPhrase("Fettle", "disk.health", "Kelp disk 0"), 12, "good"),
        ):
            teach(phrase, From(sha256, line, printed), self.folk["tamsin"])


NO_NAME_REFUSAL = "this needs administrator rights. Nothing was asked."


def _stored(at: datetime) -> str:
    return at.strftime("%Y-%m-%dT%H:%M:%SZ")


def sign_in_lines() -> list[str]:
    """The demo's sign-in names and passwords, for printing."""
    return [f"{name:<8} {password:<16} ({role}: {full})" for name, full, role, password in PEOPLE]


def day_of_store() -> datetime:
    """The day that the demo's store was built, to which the made-up PCs' dates are anchored."""
    first = Asset.select().order_by(Asset.id).first()
    return datetime.fromisoformat(first.created_at.rstrip("Z"))
