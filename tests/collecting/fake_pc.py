"""A made-up PC as a folder of kernel files, for the collectors to be pointed at."""

import os
import struct
import time
from pathlib import Path
from uuid import UUID

from tests.core import firmware_tables as build
from tests.core.test_device_data import DATA, EFI, PART, block, guid_disk

GIB = 2**30
CPU = """processor\t: {n}
vendor_id\t: Kestrel
model name\t: Kestrel K5-8420 @ 3.20GHz
stepping\t: 3
cpu MHz\t\t: 3192.113
physical id\t: {socket}
siblings\t: 4
core id\t\t: {n}
cpu cores\t: 2

"""
TEXTS = {
    "proc/cpuinfo": "".join(CPU.format(n=n, socket=n // 4) for n in range(8)),
    "proc/meminfo": "MemTotal:       16601104 kB\nMemFree:         1000000 kB\nMemAvailable:    9637888 kB\n",
    "proc/version": "Linux version 6.1.0-kelp (builder@harbour) (cc 12) #1 SMP",
    "proc/stat": "cpu 1 2 3\nbtime 1767345600\n",
    "proc/sys/kernel/hostname": "gp-wks-02\n", "proc/sys/kernel/osrelease": "6.1.0-kelp\n",
    "proc/mounts": "/dev/sda1 / kelp rw 0 0\nproc /proc proc rw 0 0\nserver:/crew /mnt/crew\\040share nfs4 rw 0 0\n",
    "proc/net/route": "Iface\tDestination\tGateway \tFlags\tRefCnt\tUse\tMetric\tMask\t\tMTU\n"
    "eth0\t00000000\t0101140A\t0003\t0\t0\t100\t00000000\t0\neth0\t0001140A\t00000000\t0001\t0\t0\t100\t00FFFFFF\t0\n",
    "proc/net/arp": "IP address       HW type     Flags       HW address            Mask     Device\n"
    "10.20.1.1        0x1         0x2         3c:5a:b4:00:00:01     *        eth0\n"
    "10.20.1.9        0x1         0x0         00:00:00:00:00:00     *        eth0\n",
    "proc/net/tcp": "  sl  local_address rem_address   st tx_queue rx_queue tr tm->when retrnsmt   uid  timeout inode\n"
    "   0: 0100007F:1F68 00000000:0000 0A 00000000:00000000 00:00000000 00000000     0        0 4242 1\n"
    "   1: 2901140A:9C40 0100140A:01BB 01 00000000:00000000 00:00000000 00000000  1000        0 77 1\n",
    "proc/net/tcp6": "  sl  local_address\n"
    "   0: 00000000000000000000000001000000:0277 00000000000000000000000000000000:0000 0A 0:0 0:0 0 0 0 5 1\n",
    "proc/swaps": "Filename\t\t\t\tType\t\tSize\t\tUsed\t\tPriority\n/swapfile  file  2097148  1024  -2\n",
    "proc/modules": "wickerlink 151552 0 - Live 0x0\nlumenarc 40960 1 - Live 0x0 (OE)\n",
    "proc/asound/cards": " 0 [Chime          ]: HDA-Chime - Chime Analog\n                      at 0xdf irq 30\n",
    "proc/1/status": "Name:\tharbourd\nPid:\t1\nUid:\t0\t0\t0\t0\nVmRSS:\t  9332 kB\n",
    "proc/77/status": "Name:\ttideline\nPid:\t77\nUid:\t1000\t1000\t1000\t1000\nVmRSS:\t  120000 kB\n",
    "sys/module/wickerlink/version": "5.2.1\n",
    "lib/modules/6.1.0-kelp/modules.dep": "kernel/net/wickerlink.ko: kernel/core.ko\n",
    "etc/os-release": 'NAME="Harbour OS"\nPRETTY_NAME="Harbour OS 12 Desk Pro"\nVERSION_ID="12"\nBUILD_ID=12.0.4417.82\n',
    "etc/resolv.conf": "# made by hand\nnameserver 10.20.0.53\nnameserver 10.20.1.53\n",
    "etc/passwd": "root:x:0:0:root:/root:/bin/sh\ndaemon:x:1:1::/:/usr/sbin/nologin\nines:x:1000:1000:Ines Calloway,,,:/home/ines:/bin/sh\nbroken line\n",
    "etc/group": "root:x:0:\nsudo:x:27:ines\nines:x:1000:\n",
    "etc/shadow": "root:*:20000:0:99999:7:::\ndaemon:*:20000:0:99999:7:::\nines:$y$j9T:20400:0:90:7:::\n",
    "etc/printcap": "# printers of the ticket hall\nHallPrinter|Hall:rm=print.lantern.example:rp=hall:\n",
    "etc/crontab": "SHELL=/bin/sh\n# nightly\n17 2 * * * root /opt/quaymaster/nightly --all\n",
    "etc/systemd/system/tidal.timer": "[Timer]\nOnCalendar=daily\nUnit=tidal-sync.service\n",
    "var/lib/dpkg/status": "Package: tideline-ledger\nStatus: install ok installed\nMaintainer: Tideline <help@tideline.example>\n"
    "Architecture: amd64\nVersion: 4.2.7-1\n\nPackage: magnetpull\nStatus: deinstall ok config-files\nVersion: 2.1\n",
    "var/log/dpkg.log": "2026-01-02 03:04:05 upgrade tideline-ledger:amd64 4.2.6-1 4.2.7-1\n2026-01-02 03:04:06 status x\n",
    "sys/class/dmi/id/sys_vendor": "Veldt & Rowe\n", "sys/class/dmi/id/product_name": "Brig 10\n", "sys/class/dmi/id/product_serial": "VR779331Q\n",
    "sys/class/dmi/id/chassis_type": "3\n", "sys/class/dmi/id/chassis_asset_tag": "Default string\n", "sys/class/dmi/id/bios_version": "L52.1.18\n",
    "sys/class/dmi/id/bios_date": "09/04/2023\n", "sys/class/dmi/id/product_uuid": "7d1f0a52-93c4-4b1e-a6f8-20c95e1b7703\n",
    "sys/class/dmi/id/product_sku": "BR10-EU\n", "sys/class/dmi/id/bios_vendor": "Lanternworks\n", "sys/class/dmi/id/board_vendor": "Veldt & Rowe\n",
    "sys/class/dmi/id/board_name": "VB-10\n", "sys/class/dmi/id/board_version": "2.1\n", "sys/class/dmi/id/board_serial": "VB99120\n",
    "sys/class/tpm/tpm0/tpm_version_major": "2\n",
    "sys/block/sda/size": "976773168\n", "sys/block/sda/queue/rotational": "1\n", "sys/block/sda/device/model": "Shale 1T\n", "sys/block/sda/ro": "0\n",
    "sys/block/nvme0n1/size": "1953525168\n", "sys/block/nvme0n1/device/model": "Basalt NV1000\n", "sys/block/nvme0n1/device/serial": "B5-7714-QX\n",
    "sys/block/loop0/size": "100\n", "sys/block/sr0/size": "2000\n",
    "sys/block/sda/sda1/partition": "1\n", "sys/block/sda/sda1/start": "2048\n", "sys/block/sda/sda1/size": "976771000\n",
    "sys/class/net/eth0/type": "1\n", "sys/class/net/eth0/address": "3c:5a:b4:10:77:e2\n", "sys/class/net/eth0/operstate": "up\n",
    "sys/class/net/eth0/speed": "1000\n", "sys/class/net/eth0/device/vendor": "x\n", "sys/class/net/lo/type": "772\n", "sys/class/net/lo/carrier": "1\n",
    "sys/class/power_supply/BAT0/type": "Battery\n", "sys/class/power_supply/BAT0/model_name": "DB-52\n",
    "sys/class/power_supply/BAT0/energy_full_design": "52000000\n", "sys/class/power_supply/BAT0/energy_full": "46800000\n",
    "sys/class/power_supply/BAT0/cycle_count": "211\n",
    "sys/class/power_supply/AC/type": "Mains\n",
    "sys/class/drm/card0/device/vendor": "0x1af9\n", "sys/class/drm/card0/device/device": "0x0440\n",
    "sys/class/drm/card0/device/mem_info_vram_total": "4294967296\n",
    "usr/share/misc/pci.ids": "# list\n1af9  Lumenarc\n\t0440  Lumenarc 440\n\t\t1af9 0001  board\nC 01  class\n",
}  # fmt: skip
_BOOT = "8be4df61-93ca-11d2-aa0d-00e098032b8c"


def _option(name, path):
    """An EFI_LOAD_OPTION (UEFI 2.10, 3.1.3) after its variable's attributes."""
    file = (path + "\0").encode("utf-16-le")
    paths = struct.pack("<BBH", 4, 4, 4 + len(file)) + file + struct.pack("<BBH", 0x7F, 0xFF, 4)
    return b"\7\0\0\0" + struct.pack("<IH", 1, len(paths)) + (name + "\0").encode("utf-16-le") + paths


def _firmware_table():
    return build.table(
        build.firmware("Lanternworks", "L52.1.18", "09/04/2023"),
        build.system("Veldt & Rowe", "Brig 10", "VR779331Q", UUID("7d1f0a52-93c4-4b1e-a6f8-20c95e1b7703"), "BR10-EU"),
        build.board("Veldt & Rowe", "VB-10", "2.1", "VB99120"),
        build.chassis("Veldt & Rowe", 3, "Default string"),
        build.array(0x10, 4, 64 * GIB),
        build.module(0x11, 0x10, "A1", "CH-A/0", 8 * GIB, 26, 9, 2666, 2400, "Siskin", "3F10A9C2", "SK08-D4-2666"),
        build.module(0x12, 0x10, "A2", "CH-A/1", 16 * GIB, 26, 9, 3200, 2400, "Siskin", "3F10A9D7", "SK16-D4-3200"),
        build.module(0x13, 0x10, "B1"),
        build.module(0x14, 0x10, "B2"),
    )


def data_files():
    """The files that are no text."""
    dmi = _firmware_table()
    return {
        "sys/firmware/dmi/tables/smbios_entry_point": build.entry_64(len(dmi)),
        "sys/firmware/dmi/tables/DMI": dmi,
        "sys/class/drm/card0-DP-1/edid": block((0xFC, "Heron 27"), (0xFF, "HN27-0093"), width=2560, height=1440),
        "sys/class/drm/card0-DP-2/edid": b"",
        "dev/nvme0n1": guid_disk((EFI, PART, 2048, 4095, 0), (DATA, UUID(int=7), 4096, 1953523711, 0)),
        f"sys/firmware/efi/efivars/BootOrder-{_BOOT}": b"\7\0\0\0" + struct.pack("<HH", 2, 1),
        f"sys/firmware/efi/efivars/Boot0001-{_BOOT}": _option("Wire start", "\\wire.efi"),
        f"sys/firmware/efi/efivars/Boot0002-{_BOOT}": _option("Harbour OS", "\\EFI\\harbour\\start.efi"),
        f"sys/firmware/efi/efivars/SecureBoot-{_BOOT}": b"\6\0\0\0\1",
        "var/log/lastlog": b"\0" * 292 + struct.pack("=i32s256s", 0, b"", b"") + b"\0" * 292 * 998 + struct.pack("=i32s256s", 1767345600, b"tty1", b""),
    }  # fmt: skip


def lay_out(root: Path) -> None:
    """Write the made-up PC's files under a folder."""
    for name, data in {**{n: t.encode() for n, t in TEXTS.items()}, **data_files()}.items():
        path = root / name
        path.parent.mkdir(parents=True, exist_ok=True)
        path.write_bytes(data)
    (root / "mnt/crew share").mkdir(parents=True, exist_ok=True)
    (root / "etc/systemd/system/timers.target.wants").mkdir()
    (root / "etc/systemd/system/timers.target.wants/tidal.timer").write_text("")
    (root / "proc/77/fd").mkdir()
    (root / "proc/77/fd/3").symlink_to("socket:[77]")
    (root / "etc/machine-id").write_text("0\n")
    at = time.mktime((2024, 5, 6, 12, 0, 0, 0, 0, 0))
    for name in ("etc/machine-id", "var/log/dpkg.log"):
        os.utime(root / name, (at, at))
