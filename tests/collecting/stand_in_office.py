"""Stand-in PCs that answer SSH for a test, on their own thread; and a store whose assets are reached there."""

import asyncio
import threading

from yes_tally.records import sheets
from yes_tally.records.asking import give_address
from yes_tally.records.assets import NewAsset, add_asset, get_asset
from yes_tally.standins.host import StandInHost
from yes_tally.standins.office import office
from yes_tally.standins.printing import DAY
from yes_tally.standins.reports import Failed, answer, commands_of

SHEET = "Harbour OS"


class Answering:
    """A stand-in host that runs until ``stop``; ``ports`` names where each PC answers."""

    def __init__(self, hosts=None, pace=0.02, **given):
        self.machines = [pc for pc in office(8040, DAY) if hosts is None or pc.host in hosts]
        self.host = StandInHost(self.machines, pace=pace, **given)
        self.loop = asyncio.new_event_loop()
        self.thread = threading.Thread(target=self.loop.run_forever, daemon=True)
        self.thread.start()
        asyncio.run_coroutine_threadsafe(self.host.start(), self.loop).result(30)
        self.ports = self.host.ports

    def stop(self):
        asyncio.run_coroutine_threadsafe(self.host.stop(), self.loop).result(10)
        self.loop.call_soon_threadsafe(self.loop.stop)
        self.thread.join(10)


def printed(pc, typed):
    """The bytes that a stand-in prints for a command."""
    said = answer(pc, typed)
    return f"{said.text}\n".encode() if isinstance(said, Failed) else "\n".join([*said, ""]).encode()


def enlist(answering, commands=None):
    """Add the stand-ins to the store in use, with their addresses and a sheet; returns host to asset."""
    pc = answering.machines[0]
    lines = [
        sheets.SheetLine(c.typed, c.answers, c.rights, c.seconds)
        for c in commands_of(pc)
        if commands is None or c.typed in commands
    ]
    sheets.save(SHEET, SHEET, lines)
    assets = {}
    for machine in answering.machines:
        asset = add_asset(NewAsset(machine.tag, machine.role, machine.site, machine.room, machine.desk, machine.host))
        give_address(asset, "127.0.0.1", answering.ports[machine.host], SHEET)
        assets[machine.host] = get_asset(asset.id)
    return assets
