"""The made-up names that the stand-ins are drawn from (Lantern Sound Ferries and its suppliers)."""

from __future__ import annotations

MODELS = {
    "desktop": (("Corrane", "Tallow 520"), ("Oakmere", "Tern 3"), ("Veldt & Rowe", "Brig 10")),
    "tower": (("Oakmere", "Gannet T8"), ("Veldt & Rowe", "Frigate 40")),
    "laptop": (("Corrane", "Skiff 14"), ("Oakmere", "Dipper 13")),
}
SERIALS = {"Corrane": "CR{n}-{a}-KD", "Oakmere": "OT{n}-{a}-M", "Veldt & Rowe": "VR{n}{a}Q"}
# name, cores, threads, rated MHz, longest MHz, L2 KiB, L3 KiB
PROCESSORS = {
    "small": ("Plover P3-2210", 2, 4, 2400, 3000, 512, 4096),
    "middle": ("Kestrel K5-8420", 6, 12, 3200, 4200, 1536, 9216),
    "large": ("Kestrel K7-9650", 8, 16, 3600, 4900, 4096, 16384),
}
PEOPLE = (
    ("icalloway", "Ines Calloway"), ("rarkwell", "Rufus Arkwell"), ("tquill", "Tamsin Quill"), ("bferrow", "Bram Ferrow"),
    ("lostrand", "Lotte Ostrand"), ("dpell", "Dorian Pell"), ("mhask", "Mira Hask"), ("onesbit", "Odile Nesbit"),
)  # fmt: skip
KEY_LETTERS = "BCDFGHJKMPQRTVWXY2346789"
DRIVERS = (
    ("wickerlink", "12.4.1.0", "Wickerlink", "wick64.drv"), ("ternwave", "3.9.20", "Ternwave", "ternair.drv"),
    ("lumenarc", "31.0.15.2", "Lumenarc", "lumen.drv"), ("chime", "6.0.9.8", "Chime Audio", "chime.drv"),
    ("basaltnv", "2.1.0.44", "Basalt", "bnv.drv"), ("harbourusb", "12.0.4417.1", "Harbour", "husb.drv"),
    ("gullprint", "4.2", "Gullwing", "gprn.drv"), ("padglide", "9.13.2", "Corrane", "glide.drv"),
)  # fmt: skip
UPDATES = (
    ("HU-24117", "Winter roll-up for Harbour OS"), ("HU-24129", "Fix for printing of wide tables"),
    ("HU-25006", "Security fix for sign-in"), ("HU-25031", "Time zones of 2025"),
    ("HU-25044", "Spring roll-up for Harbour OS"),
)  # fmt: skip
PROCESSES = (
    ("harbourd", "system"), ("tidewatch", "system"), ("lanternlog", "system"), ("quayshell", "own"),
    ("ledger", "own"), ("dispatch", "own"), ("pennant", "own"), ("indexer", "system"), ("spoolerd", "system"),
    ("netmoor", "system"),
)  # fmt: skip
TASKS = (
    ("Nightly copy", "/opt/stow/copy --all", "svc-patch"), ("Clear spool", "spoolerd --clear", "system"),
    ("Update check", "tidewatch --check", "system"), ("Roster mail", "/opt/roster/mail", "svc-desk"),
)  # fmt: skip
POLICIES = (
    ("Logon", "Sign-in", "both"), ("Logon", "Sign-out", "success"), ("Objects", "Shared folders", "none"),
    ("Accounts", "Account changes", "both"), ("System", "Clock changes", "failure"),
)  # fmt: skip
EVENTS = (
    ("error", "basaltnv", "153", "A write was retried on disk 0."),
    ("warning", "netmoor", "27", "The link was lost for 3 seconds."),
    ("warning", "tidewatch", "8016", "The name server did not answer in time."),
    ("error", "spoolerd", "372", "The counter roll is out of paper."),
)  # fmt: skip
FIREWALL_PROFILES = ("domain", "private", "public")
