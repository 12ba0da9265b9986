"""``hull …``: long reports for programs rather than people: JSON, XML and delimited rows. New in Harbour OS 12."""

from __future__ import annotations

from yes_tally.standins.commands.command import Command
from yes_tally.standins.layouts import Lines, delimited, json_tree, raw, xml_tree
from yes_tally.standins.machine import Machine
from yes_tally.standins.telling import Teller, Told
from yes_tally.standins.units import day, either, megahertz, minute

_true_false = either("true", "false")


def whole(pc: Machine) -> Lines:
    tell = Teller(pc)
    return json_tree(
        {
            "system": {
                "manufacturer": tell("machine.maker"), "productName": tell("machine.model"), "serialNumber": tell("machine.serial"),
                "uuid": tell("machine.uuid"), "skuNumber": tell("machine.sku"), "assetTag": tell("machine.tag"),
            },
            "baseboard": {
                "manufacturer": tell("board.maker"), "product": tell("board.model"), "version": tell("board.version"),
                "serialNumber": tell("board.serial"),
            },
            "firmware": {
                "vendor": tell("firmware.maker"), "version": tell("firmware.version"), "releaseDate": tell("firmware.dated", day),
                "secureBoot": raw(tell("firmware.secure_boot", _true_false)),
            },
            "security": {"tpmVersion": tell("security.tpm"), "virtualizationEnabled": raw(tell("security.virtualisation", _true_false))},
            "processors": [
                {
                    "socketDesignation": p("socket"), "name": p("name"), "manufacturer": p("maker"), "coreCount": raw(p("cores")),
                    "threadCount": raw(p("threads")), "maxClockSpeed": p("max_clock", megahertz), "currentClockSpeed": p("current_clock", megahertz),
                    "l1CacheSize": p("cache_l1", lambda v: f"{v // 1024} KiB"), "l2CacheSize": p("cache_l2", lambda v: f"{v // 1024} KiB"),
                    "l3CacheSize": p("cache_l3", lambda v: f"{v // 1024} KiB"), "architecture": p("architecture", lambda _: "x86_64"),
                    "addressWidth": raw(p("width")), "stepping": p("stepping"),
                }
                for p in tell.items("processor", "socket")
            ],
            "memoryDevices": [
                {
                    "deviceLocator": m("slot"), "bankLocator": m("bank"), "sizeBytes": raw(m("size")), "memoryType": m("type"),
                    "formFactor": m("form", str.upper), "speed": m("speed", lambda v: f"{v} MT/s"),
                    "configuredSpeed": m("running_speed", lambda v: f"{v} MT/s"), "partNumber": m("part"), "serialNumber": m("serial"),
                    "pinCount": raw(m("pins")),
                }
                for m in tell.items("module", "slot")
            ],
            "disks": [
                {
                    "number": raw(d("number")), "model": d("model"), "serialNumber": d("serial"), "sizeBytes": raw(d("size")),
                    "mediaType": d("media", str.upper), "busType": d("bus"), "partitionStyle": d("layout", str.upper), "guid": d("id"),
                    "firmwareVersion": d("firmware"), "healthStatus": d("health"), "bootDisk": raw(d("boot", _true_false)),
                    "readOnly": raw(d("read_only", _true_false)), "unallocatedBytes": raw(d("unallocated")),
                    "partitions": [
                        {
                            "number": raw(p("number", also=("disk",))), "type": p("kind"), "sizeBytes": raw(p("size")), "startingOffset": raw(p("start")),
                            "guid": p("id"), "active": raw(p("active", _true_false)),
                        }
                        for p in tell.items("partition", "number")
                        if p.item["disk"] == d.item["number"]
                    ],
                }
                for d in tell.items("disk", "number")
            ],
        }
    )  # fmt: skip


def devices(pc: Machine) -> Lines:
    tell = Teller(pc)
    tree = {
        "graphicsAdapter": [
            {
                "name": g("name"), "manufacturer": g("maker"), "memory": g("memory", lambda v: f"{v // 2**20} MiB"), "status": g("state"),
                "driverVersion": g("driver_version"), "driverDate": g("driver_dated", day), "horizontalResolution": g("width"),
                "verticalResolution": g("height"), "refreshRate": g("refresh", lambda v: f"{v} Hz"), "deviceId": g("device_id"),
            }
            for g in tell.items("graphics", "name")
        ],
        "monitor": [
            {"name": d("name"), "manufacturer": d("maker"), "serialNumber": d("serial"), "width": d("width"), "height": d("height")}
            for d in tell.items("display", "serial")
        ],
        "soundDevice": [{"name": s("name"), "manufacturer": s("maker"), "status": s("state")} for s in tell.items("sound", "name")],
        "printer": [
            {"name": p("name"), "portName": p("port"), "driverName": p("driver"), "default": p("default", _true_false)}
            for p in tell.items("printer", "name")
        ],
        "battery": [
            {
                "name": b("name"), "designCapacity": b("design", lambda v: f"{v} mWh"), "fullChargeCapacity": b("full", lambda v: f"{v} mWh"),
                "cycleCount": b("cycles"), "health": b("health", lambda v: f"{v * 100:.1f} %"),
            }
            for b in tell.items("battery", "name")
        ],
    }  # fmt: skip
    return [Told('<?xml version="1.0" encoding="utf-8"?>'), *xml_tree("devices", tree)]


def drivers(pc: Machine) -> Lines:
    rows = [
        [d("name"), d("version"), d("provider"), d("dated", day), d("signed", either("Yes", "No")), d("file")]
        for d in Teller(pc).items("driver", "name")
    ]
    return delimited(("Driver Name", "Driver Version", "Provider", "Driver Date", "Signed", "Driver File"), rows)


def tasks(pc: Machine) -> Lines:
    rows = [
        [
            t("name"), t("enabled", either("yes", "no")), t("state"), t("last_run_at", minute), t("next_run_at", minute),
            t("last_result"), t("runs"), t("user"),
        ]
        for t in Teller(pc).items("task", "name")
    ]  # fmt: skip
    head = (
        "Task Name",
        "Scheduled",
        "State",
        "Last Run Time",
        "Next Run Time",
        "Last Result",
        "Task To Run",
        "Run As User",
    )
    return delimited(head, rows, ",")


COMMANDS = (
    Command("hull list", whole, "machine, board, firmware, processor, memory and disks", 3.6, since=12),
    Command("hull devices", devices, "graphics, displays, sound, printers, battery", 2.4, since=12),
    Command("hull drivers", drivers, "drivers and whether they are signed", 2.0, since=12),
    Command("hull tasks", tasks, "scheduled tasks", 0.9, "administrator", since=12),
)
