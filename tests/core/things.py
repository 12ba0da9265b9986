"""Two things of each kind, as reports may tell of them: under which command, what one is called, and field by field two labels,
what is printed and what is to be read."""

# Kind: command, noun, fields (two labels, the field, then what is printed and told of the first thing and of the second).
THINGS = {
    "disk": (
        "disks", "Disk",
        (
            ("Model", "Product", "model", "Basalt NV1000", "Basalt NV1000", "Shale 1T", "Shale 1T"),
            ("Serial number", "S/N", "serial", "BNV1K0044127", "BNV1K0044127", "SH1T-0042", "SH1T-0042"),
            ("Size", "Capacity", "size", "931.51 GB", 1000201246474, "465.76 GB", 500105991946),
            ("Bus", "Interface", "bus", "NVMe", "NVMe", "SATA", "SATA"),
            ("Health", "Condition", "health", "good", "good", "warning", "warning"),
            ("Firmware", "Firmware version", "firmware", "4B2QBN10", "4B2QBN10", "SH04.1", "SH04.1"),
        ),
    ),
    "module": (
        "memory", "Module",
        (
            ("Slot", "Socket", "slot", "A1", "A1", "B1", "B1"),
            ("Size", "Capacity", "size", "8 GB", 8589934592, "16 GB", 17179869184),
            ("Type", "Memory type", "type", "DDR4", "DDR4", "DDR4", "DDR4"),
            ("Speed", "Rated speed", "speed", "2666 MT/s", 2666, "3200 MT/s", 3200),
            ("Maker", "Manufacturer", "maker", "Siskin", "Siskin", "Ottery", "Ottery"),
            ("Part number", "Part no.", "part", "SK08-D4-2666", "SK08-D4-2666", "OT16-D4-3200", "OT16-D4-3200"),
            ("Serial number", "Serial", "serial", "3F10A9C2", "3F10A9C2", "77AA01BC", "77AA01BC"),
        ),
    ),
    "adapter": (
        "adapters", "Adapter",
        (
            ("Name", "Description", "name", "Wickerlink GbE 210", "Wickerlink GbE 210", "Ternwave AX 20", "Ternwave AX 20"),
            ("Connection", "Connection name", "connection", "Quayside LAN", "Quayside LAN", "Landing air", "Landing air"),
            ("MAC address", "Hardware address", "mac", "3c:5a:b4:10:77:e2", "3c:5a:b4:10:77:e2", "3c:5a:b4:10:77:e3", "3c:5a:b4:10:77:e3"),
            ("IPv4 address", "IP address", "ipv4", "10.20.1.41", ("10.20.1.41",), "10.20.8.77", ("10.20.8.77",)),
            ("Gateway", "Default gateway", "gateway", "10.20.1.1", "10.20.1.1", "10.20.8.1", "10.20.8.1"),
            ("Speed", "Link speed", "speed", "1 Gbit/s", 1000000000, "866 Mbit/s", 866000000),
        ),
    ),
    "account": (
        "accounts", "Account",
        (
            ("Name", "User name", "name", "icalloway", "icalloway", "rarkwell", "rarkwell"),
            ("Full name", "Full name", "full_name", "Ines Calloway", "Ines Calloway", "Rufus Arkwell", "Rufus Arkwell"),
            ("Enabled", "Active", "enabled", "yes", True, "no", False),
            ("Administrator", "Admin", "admin", "no", False, "yes", True),
            ("Password set", "Password changed", "password_set_at", "2025-01-20", "2025-01-20", "2024-11-04", "2024-11-04"),
            ("Last logon", "Last sign-in", "last_logon_at", "2025-02-11 07:44", "2025-02-11T07:44:00", "2025-02-10 16:20", "2025-02-10T16:20:00"),
        ),
    ),
    "volume": (
        "volumes", "Volume",
        (
            ("Letter", "Drive letter", "mount", "C:", "C:", "D:", "D:"),
            ("Label", "Volume name", "label", "System", "System", "Manifests", "Manifests"),
            ("File system", "Filesystem", "filesystem", "HFX2", "HFX2", "HFX2", "HFX2"),
            ("Size", "Capacity", "size", "475.8 GB", 510886359859, "931.5 GB", 1000190509056),
            ("Free", "Free space", "free", "60.2 GB", 64639257805, "402.6 GB", 432288458342),
            ("Encrypted", "Encryption", "encrypted", "yes", True, "no", False),
        ),
    ),
    "graphics": (
        "graphics", "Card",
        (
            ("Name", "Model", "name", "Opaline RX 400", "Opaline RX 400", "Palefire FX 40", "Palefire FX 40"),
            ("Memory", "Video memory", "memory", "8 GB", 8589934592, "512 MB", 536870912),
            ("Driver version", "Driver", "driver_version", "31.0.101.2111", "31.0.101.2111", "30.0.15.7", "30.0.15.7"),
            ("Driver date", "Driver dated", "driver_dated", "2024-01-22", "2024-01-22", "2023-06-30", "2023-06-30"),
            ("State", "Status", "state", "working", "working", "disabled", "disabled"),
        ),
    ),
    "display": (
        "displays", "Display",
        (
            ("Name", "Model", "name", "Cassel U27q", "Cassel U27q", "Veldt V24", "Veldt V24"),
            ("Maker", "Manufacturer", "maker", "Cassel", "Cassel", "Veldt", "Veldt"),
            ("Serial number", "Serial no.", "serial", "CU27-118820", "CU27-118820", "VV24-090112", "VV24-090112"),
            ("Resolution", "Native resolution", "width", "2560 x 1440", 2560, "1920 x 1080", 1920),
        ),
    ),
    "printer": (
        "printers", "Printer",
        (
            ("Name", "Printer name", "name", "Front desk", "Front desk", "Labels", "Labels"),
            ("Driver", "Driver name", "driver", "Inkwell 410", "Inkwell 410", "Tagger 2", "Tagger 2"),
            ("Port", "Port name", "port", "10.20.4.31", "10.20.4.31", "USB001", "USB001"),
            ("Default", "Is default", "default", "yes", True, "no", False),
        ),
    ),
    "driver": (
        "drivers", "Driver",
        (
            ("Name", "Driver name", "name", "wickgbe", "wickgbe", "oldscan", "oldscan"),
            ("Version", "Driver version", "version", "3.1.20.0", "3.1.20.0", "0.9.1", "0.9.1"),
            ("Provider", "Supplier", "provider", "Wickerlink", "Wickerlink", "Basalt", "Basalt"),
            ("Date", "Driver date", "dated", "2024-03-18", "2024-03-18", "2009-05-14", "2009-05-14"),
            ("Signed", "Is signed", "signed", "yes", True, "no", False),
            ("File", "File name", "file", "wickgbe.sys", "wickgbe.sys", "oldscan.sys", "oldscan.sys"),
        ),
    ),
    "task": (
        "tasks", "Task",
        (
            ("Name", "Task name", "name", "Disk tidy", "Disk tidy", "Nightly copy", "Nightly copy"),
            ("State", "Status", "state", "ready", "ready", "running", "running"),
            ("Last run", "Last run time", "last_run_at", "2025-02-11 03:00", "2025-02-11T03:00:00", "2025-02-10 22:00", "2025-02-10T22:00:00"),
            ("Next run", "Next run time", "next_run_at", "2025-02-12 03:00", "2025-02-12T03:00:00", "2025-02-11 22:00", "2025-02-11T22:00:00"),
            ("Last result", "Result", "last_result", "0x0", "0x0", "0x41301", "0x41301"),
            ("Runs", "Command", "runs", "C:\\Tools\\tidy.exe /quiet", "C:\\Tools\\tidy.exe /quiet", "C:\\Tools\\copy.exe", "C:\\Tools\\copy.exe"),
            ("Run as", "Run as user", "user", "SYSTEM", "SYSTEM", "LSF\\svc-copy", "LSF\\svc-copy"),
        ),
    ),
    "software": (
        "programs", "Program",
        (
            ("Name", "Program name", "name", "Quaymaster", "Quaymaster", "Bollard Agent", "Bollard Agent"),
            ("Version", "Program version", "version", "4.2.1", "4.2.1", "1.18", "1.18"),
            ("Publisher", "Maker", "maker", "Quaymaster Works", "Quaymaster Works", "Bollard", "Bollard"),
            ("Installed on", "Install date", "installed_at", "2024-06-20", "2024-06-20", "2024-06-14", "2024-06-14"),
        ),
    ),
    "update": (
        "updates", "Update",
        (
            ("Id", "Update id", "id", "HU-25009", "HU-25009", "HU-25006", "HU-25006"),
            ("Title", "Description", "title", "Time zone data", "Time zone data", "Security fix", "Security fix"),
            ("Installed on", "Install date", "installed_at", "2025-02-04", "2025-02-04", "2025-01-14", "2025-01-14"),
        ),
    ),
    "battery": (
        "batteries", "Battery",
        (
            ("Name", "Model", "name", "Siskin PC-57", "Siskin PC-57", "Morvan MB-56", "Morvan MB-56"),
            ("Design capacity", "Designed capacity", "design", "57000 mWh", 57000, "56000 mWh", 56000),
            ("Full charge capacity", "Full capacity", "full", "48300 mWh", 48300, "51200 mWh", 51200),
            ("Cycles", "Cycle count", "cycles", "312", 312, "88", 88),
        ),
    ),
    "processor": (
        "processors", "Processor",
        (
            ("Name", "Model", "name", "Kestrel K7-9700", "Kestrel K7-9700", "Kestrel K7-9650", "Kestrel K7-9650"),
            ("Maker", "Manufacturer", "maker", "Kestrel", "Kestrel", "Kestrel", "Kestrel"),
            ("Cores", "Number of cores", "cores", "8", 8, "6", 6),
            ("Threads", "Logical processors", "threads", "16", 16, "12", 12),
            ("Max clock", "Maximum speed", "max_clock", "4.70 GHz", 4700000000, "4.20 GHz", 4200000000),
            ("Socket", "Socket", "socket", "CPU0", "CPU0", "CPU1", "CPU1"),
        ),
    ),
    "firewall": (
        "firewall", "Profile",
        (
            ("Profile", "Profile name", "profile", "Home", "Home", "Public", "Public"),
            ("Enabled", "State", "on", "on", True, "off", False),
            ("Inbound", "Inbound action", "inbound", "block", "block", "allow", "allow"),
            ("Outbound", "Outbound action", "outbound", "allow", "allow", "block", "block"),
        ),
    ),
    "process": (
        "processes", "Process",
        (
            ("PID", "Process id", "pid", "2204", "2204", "480", "480"),
            ("Name", "Program", "name", "quaymaster.exe", "quaymaster.exe", "bollard-agent", "bollard-agent"),
            ("User", "User name", "user", "LSF\\tquill", "LSF\\tquill", "LSF\\svc-desk", "LSF\\svc-desk"),
            ("Memory", "Memory used", "memory", "903,448 K", 925130752, "44,012 K", 45068288),
        ),
    ),
    "partition": (
        "partitions", "Partition",
        (
            ("Number", "No.", "number", "1", "1", "2", "2"),
            ("Type", "Kind", "kind", "EFI system", "EFI system", "basic data", "basic data"),
            ("Start", "Offset", "start", "1,048,576 bytes", 1048576, "273,678,336 bytes", 273678336),
            ("Size", "Length", "size", "260 MB", 272629760, "930.25 GB", 998848331776),
            ("Active", "Bootable", "active", "no", False, "yes", True),
        ),
    ),
    "connection": (
        "connections", "Connection",
        (
            ("Protocol", "Proto", "protocol", "tcp", "tcp", "udp", "udp"),
            ("Local address", "Local", "local", "10.20.0.62:50114", "10.20.0.62:50114", "0.0.0.0:6021", "0.0.0.0:6021"),
            ("Remote address", "Foreign address", "remote", "10.20.0.12:7443", "10.20.0.12:7443", "10.20.0.9:53", "10.20.0.9:53"),
            ("State", "Status", "state", "established", "established", "closing", "closing"),
            ("PID", "Process id", "pid", "2204", "2204", "312", "312"),
        ),
    ),
}  # fmt: skip
