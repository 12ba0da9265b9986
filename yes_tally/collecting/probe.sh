# Yes Tally: what `yes-tally collect` asks a PC, as one POSIX shell script. Sent on standard input, it prints the same
# report; it writes nothing on the PC. ROOT points it at another folder of kernel files, for its tests.
R=${ROOT:-}
LC_ALL=C; export LC_ALL
SAID_PATH=$PATH; PATH=$PATH:/usr/sbin:/sbin; export PATH
host=$(cat "$R/proc/sys/kernel/hostname" 2>/dev/null | tr -cd 'A-Za-z0-9_.-'); [ -n "$host" ] || host=this-pc

text() { [ -r "$1" ] && tr -d '\000' <"$1" 2>/dev/null | sed -e 's/^[[:space:]]*//' -e 's/[[:space:]]*$//' | head -n 1; }
bytes() { od -An -v -tu1 "$@" 2>/dev/null; }
pair() {
  [ -n "$2" ] || return 0
  l="$1 "; while [ ${#l} -lt 26 ]; do l="$l."; done
  printf '%s : %s\n' "$l" "$2"
}
gap() { [ -z "$first" ] || echo; first=no; }
# Rows of cells between tabs, the head first, to a ruled table; "-" where nothing is told.
table() {
  awk -F'\t' '
    { n = NF > n ? NF : n
      for (i = 1; i <= NF; i++) { c = $i; gsub(/^ +| +$/, "", c); if (c == "") c = "-"; cell[NR, i] = c
        if (shown(c) > w[i]) w[i] = shown(c) } }
    function shown(c) { gsub(/[\200-\277]/, "", c); return length(c) }
    function pad(c, n) { n -= shown(c); while (n-- > 0) c = c " "; return c }
    function row(r,   i, s) { s = ""; for (i = 1; i <= n; i++) s = s pad(cell[r, i], w[i]) (i < n ? "  " : "")
      sub(/ +$/, "", s); print s }
    END { if (NR < 2) exit; row(1); s = ""
      for (i = 1; i <= n; i++) { d = ""; while (length(d) < w[i]) d = d "-"; s = s d (i < n ? "  " : "") } print s
      for (r = 2; r <= NR; r++) row(r) }'
}
# Functions that several awk programs share: dates from days, numbers from hexadecimal, addresses from the kernel's words.
LIB='
function civil(z,   era, doe, yoe, y, doy, mp, d, m) { z += 719468; era = int(z / 146097); doe = z - era * 146097
  yoe = int((doe - int(doe / 1460) + int(doe / 36524) - int(doe / 146096)) / 365); y = yoe + era * 400
  doy = doe - (365 * yoe + int(yoe / 4) - int(yoe / 100)); mp = int((5 * doy + 2) / 153)
  d = doy - int((153 * mp + 2) / 5) + 1; m = mp < 10 ? mp + 3 : mp - 9; return sprintf("%04d-%02d-%02d", m <= 2 ? y + 1 : y, m, d) }
function hex(s,   i, n) { n = 0; s = tolower(s); for (i = 1; i <= length(s); i++) n = n * 16 + index("0123456789abcdef", substr(s, i, 1)) - 1; return n }
function ip4(h) { return hex(substr(h, 7, 2)) "." hex(substr(h, 5, 2)) "." hex(substr(h, 3, 2)) "." hex(substr(h, 1, 2)) }
function ip6(h,   i, w, g, s, best, at, run, from, t) { s = ""
  for (i = 0; i < 4; i++) { w = substr(h, i * 8 + 1, 8); g[i * 2] = substr(w, 7, 2) substr(w, 5, 2); g[i * 2 + 1] = substr(w, 3, 2) substr(w, 1, 2) }
  best = 1; at = -1; run = 0
  for (i = 0; i <= 8; i++) { if (i < 8 && hex(g[i]) == 0) { if (!run) from = i; run++ } else { if (run > best) { best = run; at = from } run = 0 } }
  for (i = 0; i < 8; i++) { if (i == at) { s = s "::"; i += best - 1; continue }
    t = tolower(g[i]); sub(/^0+/, "", t); if (t == "") t = "0"; s = s (s == "" || s ~ /:$/ ? "" : ":") t }
  return s }
'
unix() { date -u -d "@$1" "$2" 2>/dev/null; }
mtime() { stat -c %Y "$1" 2>/dev/null; }

probe_system() {
  [ -r "$R/etc/os-release" ] || { fail "/etc/os-release could not be read: No such file or directory"; return; }
  osr() { sed -n "s/^$1=//p" "$R/etc/os-release" | head -n 1 | tr -d "\"'"; }
  name=$(osr PRETTY_NAME); [ -n "$name" ] || name=$(osr NAME)
  pair "Host name" "$host"; pair "System" "$name"; pair "Edition" "$(osr VARIANT)"
  pair "System version" "$(osr VERSION_ID)"; pair "System build" "$(osr BUILD_ID)"
  pair "Kernel" "$(awk '{ print $3; exit }' "$R/proc/version" 2>/dev/null)"; pair "Architecture" "$(uname -m)"
  pair "Time zone" "$(date '+%Z (UTC%z)')"
  b=$(awk '$1 == "btime" { print $2; exit }' "$R/proc/stat" 2>/dev/null)
  [ -n "$b" ] && pair "Last start" "$(date -d "@$b" '+%Y-%m-%d %H:%M:%S' 2>/dev/null)"
  pair "System language" "$(printf '%s' "${SAID_LANG%%.*}")"
}
probe_traces() {
  oldest() { for f in "$@"; do [ -e "$f" ] && mtime "$f"; done | awk '$1 > 100000000' | sort -n | head -n 1; }
  s=$(oldest "$R/etc/machine-id" "$R/var/log/installer" "$R/root/anaconda-ks.cfg")
  t=$(oldest "$R/lost+found" "$R"/var/log/* "$R"/home/* "$R"/srv/*)
  [ -n "$s$t" ] || { fail "no dated system folder is told here: not supported on this PC"; return; }
  [ -n "$s" ] && pair "System set up on" "$(unix "$s" +%Y-%m-%d)"
  [ -n "$t" ] && pair "Oldest trace" "$(unix "$t" +%Y-%m-%d)"
}
probe_machine() {
  d="$R/sys/class/dmi/id"
  [ -d "$d" ] || { fail "$d could not be read: this PC's firmware gives no table"; return; }
  while read -r file label; do
    v=$(text "$d/$file")
    case $file in
      bios_date) v=$(printf '%s' "$v" | sed 's|^\([0-9][0-9]\)/\([0-9][0-9]\)/\([0-9]\{4\}\)$|\3-\1-\2|') ;;
      chassis_type) case $v in
        "") ;; 3|4|5|15|24|35|36) v=desktop ;; 6|7) v=tower ;; 8|9|10|14|31|32) v=laptop ;; 11|30) v=tablet ;;
        13) v=all-in-one ;; 17|23|28|29) v=server ;; *) v=other ;; esac ;;
    esac
    pair "$label" "$v"
    [ -e "$d/$file" ] && [ ! -r "$d/$file" ] && closed="$closed${closed:+, }$label"
  done <<END
sys_vendor System maker
product_name System model
product_serial System serial number
chassis_asset_tag Asset tag
product_sku System SKU
product_uuid System UUID
board_vendor Board maker
board_name Board model
board_version Board version
board_serial Board serial number
bios_vendor Firmware maker
bios_version Firmware version
bios_date Firmware date
chassis_type Chassis type
END
  if [ -d "$R/sys/firmware/efi" ]; then pair "Firmware mode" UEFI; else pair "Firmware mode" legacy; fi
  case $(bytes "$R/sys/firmware/efi/efivars/SecureBoot-$EFI" | awk '{ print $5 }') in 1) pair "Secure boot" on ;; 0) pair "Secure boot" off ;; esac
  case $(text "$R/sys/class/tpm/tpm0/tpm_version_major") in 1) pair "TPM version" 1.2 ;; 2) pair "TPM version" 2.0 ;; esac
  [ -z "$closed" ] || { echo; echo "Not told without administrator rights: $closed."; }
}
EFI=8be4df61-93ca-11d2-aa0d-00e098032b8c
probe_processor() {
  [ -r "$R/proc/cpuinfo" ] || { fail "/proc/cpuinfo could not be read: No such file or directory"; return; }
  c="$R/sys/devices/system/cpu/cpu0"; caches=
  for i in "$c"/cache/index*; do
    case "$(text "$i/type") $(text "$i/level")" in
      "Data 1"|"Unified 1"|"Data 2"|"Unified 2"|"Unified 3") caches="$caches$(text "$i/level") $(text "$i/size");" ;;
    esac
  done
  awk -F'[ \t]*: *' -v arch="$(uname -m)" -v max="$(text "$c/cpufreq/cpuinfo_max_freq")" -v caches="$caches" '
    function pair(l, v) { if (v == "") return; l = l " "; while (length(l) < 26) l = l "."; print l " : " v }
    function keep(   s) { if (!("processor" in f)) { delete f; return } s = ("physical id" in f) ? f["physical id"] : "0"
      if (!(s in seen)) { seen[s] = ++n; order[n] = s
        name[s] = f["model name"] != "" ? f["model name"] : f["Model"] != "" ? f["Model"] : f["Hardware"]
        maker[s] = f["vendor_id"]; cores[s] = f["cpu cores"]; sib[s] = f["siblings"]; mhz[s] = f["cpu MHz"]; step[s] = f["stepping"] }
      count[s]++; core[s, ("core id" in f) ? f["core id"] : count[s]]; delete f }
    NF < 2 && $0 == "" { keep(); next }
    { f[$1] = $2 }
    END { keep(); split(caches, k, ";")
      for (i = 1; i <= n; i++) { s = order[i]; if (i > 1) print ""
        if (cores[s] == "") { c = 0; for (x in core) { split(x, p, SUBSEP); if (p[1] == s) c++ } cores[s] = c }
        pair("Processor socket", s); pair("Processor name", name[s]); pair("Processor maker", maker[s]); pair("Processor architecture", arch)
        pair("Cores", cores[s]); pair("Threads", sib[s] != "" ? sib[s] : count[s]); if (mhz[s] != "") pair("Current clock", mhz[s] " MHz")
        if (max ~ /^[0-9]+$/) pair("Maximum clock", max / 1000 " MHz"); pair("Stepping", step[s])
        for (j = 1; k[j] != ""; j++) { split(k[j], p, " "); if (sub(/K$/, "", p[2])) pair("L" p[1] " cache", p[2] " KiB") } } }' "$R/proc/cpuinfo"
}
probe_memory() {
  [ -r "$R/proc/meminfo" ] || { fail "/proc/meminfo could not be read: No such file or directory"; return; }
  m() { awk -v n="$1:" '$1 == n && $3 == "kB" { printf "%.0f bytes", $2 * 1024; exit }' "$R/proc/meminfo"; }
  pair "Usable memory" "$(m MemTotal)"; pair "Available memory" "$(m MemAvailable)"
}
probe_modules() {
  t="$R/sys/firmware/dmi/tables"
  [ -e "$t/DMI" ] || { fail "$t/DMI could not be read: No such file or directory"; return; }
  [ -r "$t/DMI" ] || { fail "$t/DMI: permission denied; it needs administrator rights"; return; }
  # DMTF DSP0134: structures of types 16 and 17 (7.17, 7.18).
  bytes "$t/DMI" | awk '
    function pair(l, v) { if (v == "") return; l = l " "; while (length(l) < 26) l = l "."; print l " : " v }
    function num(o, w,   i, v) { if (o + w > len) return -1; v = 0; for (i = w - 1; i >= 0; i--) v = v * 256 + b[p + o + i]; return v }
    function str(o,   k, q, s) { k = num(o, 1); if (k < 1) return ""; q = p + len
      while (--k) { while (b[q]) q++; q++; if (!b[q]) return "" }
      s = ""; while (q < n && b[q]) { if (b[q] > 31 && b[q] != 127) s = s sprintf("%c", b[q]); q++ } gsub(/^ +| +$/, "", s); return s }
    { for (i = 1; i <= NF; i++) b[n++] = $i }
    END {
      split("2 unknown 18 DDR 19 DDR2 20 DDR2 24 DDR3 26 DDR4 27 LPDDR 28 LPDDR2 29 LPDDR3 30 LPDDR4 34 DDR5 35 LPDDR5", a, " ")
      for (i = 1; a[i] != ""; i += 2) kind[a[i]] = a[i + 1]
      for (pass = 1; pass <= 2; pass++) for (p = 0; p + 4 <= n; ) { len = b[p + 1]; if (len < 4 || p + len > n) break
        e = p + len; while (e + 1 < n && (b[e] || b[e + 1])) e++
        if (e + 1 >= n) break
        if (pass == 1 && b[p] == 16 && num(5, 1) == 3) { arrays++; ours[num(2, 2)] = 1; k = num(7, 4); x = num(15, 8); limit += k == 2147483648 ? x : k * 1024 }
        if (pass == 2 && b[p] == 17 && (!arrays || num(4, 2) in ours)) { slots++; s = num(12, 2)
          if (s != 0) { if (shown++) print ""
            size = s == 65535 ? "" : s == 32767 && num(28, 4) >= 0 ? (num(28, 4) % 2147483648) * 1048576 : s >= 32768 ? (s - 32768) * 1024 : s * 1048576
            f = num(14, 1); sp = num(21, 2); if (sp == 65535) sp = num(84, 4); ru = num(32, 2); if (ru == 65535) ru = num(88, 4)
            pair("Module slot", str(16)); pair("Module bank", str(17)); pair("Module size", size == "" ? "" : sprintf("%.0f bytes", size))
            pair("Module type", kind[num(18, 1)]); pair("Module form", f == 9 ? "dimm" : f == 13 ? "so-dimm" : f == 11 ? "soldered" : f == 0 || f == 2 || f < 0 ? "" : "other")
            pair("Module speed", sp > 0 ? sp " MT/s" : ""); pair("Configured speed", ru > 0 ? ru " MT/s" : "")
            pair("Module maker", str(23)); pair("Part number", str(26)); pair("Module serial number", str(24)) } }
        if (b[p] == 127) break
        p = e + 2 }
      if (!slots) exit
      print ""; pair("Number of memory slots", slots); if (limit) pair("Maximum capacity", sprintf("%.0f bytes", limit)) }'
}
probe_page_files() {
  [ -r "$R/proc/swaps" ] || { fail "/proc/swaps could not be read: No such file or directory"; return; }
  awk -v OFS='\t' 'BEGIN { print "Page file", "Page file size", "Page file in use" } NR > 1 && NF > 3 { print $1, $3 " KB", $4 " KB" }' "$R/proc/swaps" | table
}
probe_disks() {
  first=; n=0; rows=; [ -d "$R/sys/block" ] || { fail "/sys/block could not be read: No such file or directory"; return; }
  for d in "$R"/sys/block/*; do
    name=${d##*/}; s=$(text "$d/size")
    case $name in loop*|ram*|zram*|dm-*|md*|sr*|fd*|nbd*) continue ;; esac
    [ "${s:-0}" -gt 0 ] 2>/dev/null || continue
    gap; sector=$(text "$d/queue/logical_block_size"); sector=${sector:-512}
    told=; layout=; id=; parts=; size=$(awk -v s="$s" 'BEGIN { printf "%.0f", s * 512 }')
    if [ -r "$R/dev/$name" ]; then
      told=$(dd if="$R/dev/$name" bs="$sector" count=34 2>/dev/null | bytes | parts "$sector" "$n")
    fi
    if [ -n "$told" ]; then
      layout=$(printf '%s\n' "$told" | sed -n 's/^layout //p'); id=$(printf '%s\n' "$told" | sed -n 's/^id //p')
      parts=$(printf '%s\n' "$told" | sed -n 's/^part //p')
    else
      for p in "$d/$name"*; do
        k=$(text "$p/partition"); [ -n "$k" ] || continue
        parts="$parts$(awk -v n="$n" -v k="$k" -v s="$(text "$p/start")" -v z="$(text "$p/size")" 'BEGIN { OFS = "\t"; print n, k, "", sprintf("%.0f bytes", s * 512), sprintf("%.0f bytes", z * 512), "", "" }')
"
      done
    fi
    media=ssd; [ "$(text "$d/queue/rotational")" = 1 ] && media=hdd
    case $name in nvme*) media=nvme ;; vd*|xvd*) media= ;; esac
    [ "$(text "$d/removable")" = 1 ] && media=removable
    bus=; place=$(readlink -f "$d" 2>/dev/null)
    for x in usb nvme virtio ata mmc vmbus xen scsi; do case $place in */$x*) bus=$x; break ;; esac; done
    serial=$(text "$d/device/serial"); [ -n "$serial" ] || serial=$(text "$d/serial")
    firmware=$(text "$d/device/firmware_rev"); [ -n "$firmware" ] || firmware=$(text "$d/device/rev")
    free=; [ -n "$parts" ] && free=$(printf '%s\n' "$parts" | awk -F'\t' -v s="$size" 'NF > 4 && $3 != "extended" { u += $5 } END { f = s - u; printf "%.0f bytes", (f > 0 ? f : 0) }')
    pair "Disk number" "$n"; pair Device "/dev/$name"; pair "Disk model" "$(text "$d/device/model")"; pair "Disk serial number" "$serial"
    pair "Disk size" "$size bytes"; pair "Disk media" "$media"; pair "Disk bus" "$bus"; pair "Disk firmware" "$firmware"
    pair "Partition layout" "$layout"; pair "Disk id" "$id"; pair Unallocated "$free"
    if [ "$(text "$d/ro")" = 1 ]; then pair "Read only" yes; else pair "Read only" no; fi
    [ -z "$parts" ] || rows="$rows$parts
"
    n=$((n + 1))
  done
  [ "$n" -gt 0 ] || { fail "no disk is told in /sys/block: not supported on this PC"; return; }
  [ -z "$rows" ] || { echo; echo Partitions; echo; { printf 'Disk\tPartition\tPartition type\tStart\tPartition size\tPartition id\tActive\n'; printf '%s\n' "$rows" | grep . ; } | table; }
}
# The first bytes of a disk to its table: UEFI 2.10, 5.2 and 5.3.
parts() {
  awk -v sector="$1" -v disk="$2" '
    function num(o, w,   i, v) { v = 0; for (i = w - 1; i >= 0; i--) v = v * 256 + b[o + i]; return v }
    function h(o) { return sprintf("%02x", b[o]) }
    function guid(o) { return h(o+3) h(o+2) h(o+1) h(o) "-" h(o+5) h(o+4) "-" h(o+7) h(o+6) "-" h(o+8) h(o+9) "-" h(o+10) h(o+11) h(o+12) h(o+13) h(o+14) h(o+15) }
    { for (i = 1; i <= NF; i++) b[n++] = $i }
    END {
      if (!n) exit
      if (n < 512 || b[510] != 85 || b[511] != 170) { print "layout none"; exit }
      split("c12a7328-f81f-11d2-ba4b-00a0c93ec93b=EFI system;21686148-6449-6e6f-744e-656564454649=boot loader;ebd0a0a2-b9e5-4433-87c0-68b6b72699c7=basic data;e3c9e316-0b5c-4db8-817d-f92df00215ae=reserved;de94bba4-06d1-4d40-a16a-bfd50179d6ac=recovery;0fc63daf-8483-4772-8e79-3d69d8477de4=data;4f68bce3-e8cd-4db1-96e7-fbcaf984b709=root;b921b045-1df0-41c3-af44-4c6f280d3fae=root;933ac7e1-2eb4-4f13-b844-0e14e2aef915=home;0657fd6d-a4ab-43c4-84e5-0933c84b4f4f=swap;e6d6d379-f507-44c2-a23c-238f2a3df928=logical volumes;a19d880f-05fc-4d3b-a006-743f0f84911e=raid member;ca7d7ccb-63ed-4c53-861c-1742536059cc=encrypted", t, ";")
      for (i in t) { split(t[i], p, "="); kind[p[1]] = p[2] }
      split("1=FAT12;5=extended;6=FAT16;7=basic data;11=FAT32;12=FAT32;15=extended;39=recovery;130=swap;131=data;142=logical volumes;239=EFI system;253=raid member", t, ";")
      for (i in t) { split(t[i], p, "="); old[p[1]] = p[2] }
      for (i = 0; i < 4; i++) { if (b[450 + 16 * i] == 238) guarded = 1; if (b[446 + 16 * i] % 128) odd = 1 }
      sig = ""; for (i = 0; i < 8; i++) sig = sig sprintf("%c", b[sector + i])
      if (guarded && sig == "EFI PART") { print "layout gpt"; print "id " guid(sector + 56)
        first = num(sector + 72, 8); count = num(sector + 80, 4); size = num(sector + 84, 4)
        for (i = 0; i < count && size >= 128; i++) { o = first * sector + i * size; if (o + 128 > n) break
          z = 0; for (j = 0; j < 16; j++) z += b[o + j]; if (!z) continue
          g = guid(o); low = num(o + 32, 8); high = num(o + 40, 8)
          printf "part %s\t%d\t%s\t%.0f bytes\t%.0f bytes\t%s\t%s\n", disk, i + 1, (g in kind ? kind[g] : g), low * sector, (high - low + 1) * sector, guid(o + 16), int(b[o + 48] / 4) % 2 ? "yes" : "no" }
        exit }
      if (odd) { print "layout none"; exit }
      print "layout mbr"; if (num(440, 4)) print "id " h(443) h(442) h(441) h(440)
      for (i = 0; i < 4; i++) { o = 446 + 16 * i; k = b[o + 4]; if (!k || k == 238) continue
        printf "part %s\t%d\t%s\t%.0f bytes\t%.0f bytes\t\t%s\n", disk, i + 1, (k in old ? old[k] : "type " h(o + 4)), num(o + 8, 4) * sector, num(o + 12, 4) * sector, b[o] == 128 ? "yes" : "no" } }'
}
probe_volumes() {
  first=; [ -r "$R/proc/mounts" ] || { fail "/proc/mounts could not be read: No such file or directory"; return; }
  awk '!seen[$2]++ { print $1, $2, $3 }' "$R/proc/mounts" | while read -r device mount system _; do
    device=$(printf '%b' "$device"); mount=$(printf '%b' "$mount")
    told=$(df -Pk "$R$mount" 2>/dev/null | awk 'NR == 2 { for (i = NF; i > 1; i--) if ($i ~ /%$/) break; if (i < 4) { if ($(NF-1) == "-" || $(NF-4) == 0) exit; i = NF - 1 } printf "%.0f %.0f", $(i-3) * 1024, $(i-1) * 1024 }')
    size=${told%% *}; free=${told##* }
    [ -n "$size" ] && [ "$size" != 0 ] || continue
    kind=fixed
    case $system in tmpfs|ramfs|devtmpfs|zram) kind=memory ;; nfs|nfs4|cifs|smb3|sshfs|fuse.sshfs|9p|ceph|glusterfs) kind=network ;; iso9660|udf) kind=optical ;; esac
    gap; pair "Mount point" "$mount"; pair "Volume device" "$device"; pair "File system" "$system"
    pair "Volume size" "$size bytes"; pair "Free space" "$free bytes"; pair "Volume kind" "$kind"
  done
}
pci() { for f in "$R/usr/share/misc/pci.ids" "$R/usr/share/hwdata/pci.ids"; do [ -r "$f" ] && { awk -v v="$1" -v d="$2" '/^C /{exit} /^#/{next} /^\t\t/{next} /^\t/{ if (on && $1 == d) { sub(/^[ \t]*[0-9a-f]+  /, ""); name = $0; exit } next } { if (on) exit; on = ($1 == v); if (on) { sub(/^[0-9a-f]+  /, ""); maker = $0 } } END { print maker "\t" name }' "$f"; return; }; done; }
probe_graphics() {
  first=
  for c in "$R"/sys/class/drm/card*; do
    case ${c##*/} in card*[!0-9]*) continue ;; esac
    [ -d "$c" ] || continue
    gap; v=$(text "$c/device/vendor"); m=$(text "$c/device/device"); v=${v#0x}; m=${m#0x}; driver=$(readlink -f "$c/device/driver" 2>/dev/null); driver=${driver##*/}
    told=$(pci "$v" "$m"); maker=$(printf '%s' "$told" | cut -f1); name=$(printf '%s' "$told" | cut -f2)
    [ -n "$name" ] || name="${driver:-graphics}${v:+ $v:$m}"
    memory=$(text "$c/device/mem_info_vram_total")
    pair "Graphics card" "$name"; pair "Graphics maker" "$maker"; pair "Graphics memory" "${memory:+$memory bytes}"; pair "Graphics device id" "${v:+$v:$m}"
  done
}
probe_displays() {
  first=
  for c in "$R"/sys/class/drm/*; do
    # VESA E-EDID 1.4, 3.3 to 3.10.
    told=$([ -r "$c/edid" ] && bytes -N 128 "$c/edid" | awk '{ for (i = 1; i <= NF; i++) b[n++] = $i }
      function txt(o,   i, s) { s = ""; for (i = 5; i < 18 && b[o + i] != 10; i++) if (b[o + i] > 31 && b[o + i] < 127) s = s sprintf("%c", b[o + i]); gsub(/^ +| +$/, "", s); return s }
      END { if (n < 128 || b[0] || b[1] != 255 || b[7]) exit; for (i = 0; i < 128; i++) sum += b[i]; if (sum % 256) exit
        for (o = 54; o < 126; o += 18) { if (!b[o] && !b[o + 1] && !b[o + 2]) { if (b[o + 3] == 252 && name == "") name = txt(o); if (b[o + 3] == 255 && serial == "") serial = txt(o) }
          else if (!w) { w = b[o + 2] + int(b[o + 4] / 16) * 256; h = b[o + 5] + int(b[o + 7] / 16) * 256 } }
        k = b[8] * 256 + b[9]; split("10 5 0", s, " "); maker = sprintf("%c%c%c", 64 + int(k / 1024) % 32, 64 + int(k / 32) % 32, 64 + k % 32)
        if (maker !~ /^[A-Z][A-Z][A-Z]$/) maker = ""
        id = b[12] + b[13] * 256 + b[14] * 65536 + b[15] * 16777216; if (serial == "" && id) serial = sprintf("%.0f", id)
        print (name == "" ? maker : name) "\t" maker "\t" serial "\t" (w ? w : "") "\t" (h ? h : "") }')
    [ -n "$told" ] || continue
    gap; i=0; for label in "Display name" "Display maker" "Display serial number" "Display width" "Display height"; do i=$((i + 1)); pair "$label" "$(printf '%s' "$told" | cut -f$i)"; done
  done
}
probe_sound() {
  [ -r "$R/proc/asound/cards" ] || { fail "/proc/asound/cards could not be read: No such file or directory"; return; }
  first=; sed -n 's/^ *[0-9][0-9]* \[[^]]*\]: .* - \(.*\)$/\1/p' "$R/proc/asound/cards" | while read -r name; do gap; pair "Sound device" "$name"; done
}
probe_batteries() {
  first=
  for s in "$R"/sys/class/power_supply/*; do
    [ "$(text "$s/type")" = Battery ] && [ "$(text "$s/scope")" != Device ] || continue
    gap; energy() { e=$(text "$s/energy_$1"); q=$(text "$s/charge_$1"); u=$(text "$s/voltage_min_design")
      [ -n "$e$q" ] && awk -v e="$e" -v q="$q" -v u="$u" 'BEGIN { if (e != "") printf "%d", e / 1000; else if (u != "") printf "%d", q * u / 1000000000 }'; }
    d=$(energy full_design); f=$(energy full); c=$(text "$s/cycle_count"); n=$(text "$s/model_name"); [ "$c" = 0 ] && c=
    pair Battery "${n:-${s##*/}}"; pair "Design capacity" "${d:+$d mWh}"; pair "Full charge capacity" "${f:+$f mWh}"; pair "Cycle count" "$c"
    [ "${d:-0}" -gt 0 ] && [ -n "$f" ] && pair "Battery health" "$(awk -v f="$f" -v d="$d" 'BEGIN { printf "%.0f %%", 100 * f / d }')"
  done
}
probe_printers() {
  [ -r "$R/etc/printcap" ] || { fail "/etc/printcap could not be read: No such file or directory"; return; }
  first=; grep -v '^[[:space:]]*#' "$R/etc/printcap" | sed -e ':a' -e '/\\$/N; s/\\\n//; ta' | grep : | while read -r line; do
    gap; field() { printf '%s' "$line" | tr ':' '\n' | sed -n "s/^ *$1=//p" | head -n 1; }
    name=${line%%:*}; rm=$(field rm); rp=$(field rp); port=$rm${rp:+${rm:+/}$rp}; [ -n "$port" ] || port=$(field lp)
    pair "Printer name" "${name%%|*}"; pair "Printer port" "$port"
  done
}
probe_adapters() {
  first=; [ -d "$R/sys/class/net" ] || { fail "/sys/class/net could not be read: No such file or directory"; return; }
  servers=$(awk '$1 == "nameserver" { printf "%s%s", (n++ ? ", " : ""), $2 }' "$R/etc/resolv.conf" 2>/dev/null)
  for a in "$R"/sys/class/net/*; do
    name=${a##*/}; [ -d "$a" ] || continue
    type=$(text "$a/type"); kind=other; [ "$type" = 1 ] && kind=wired
    [ -e "$a/device" ] || kind=virtual
    { [ -d "$a/wireless" ] || [ -e "$a/phy80211" ]; } && kind=wireless
    mac=$(text "$a/address"); [ "$type" = 772 ] && { kind=loopback; mac=; }
    carrier=$(text "$a/carrier"); up=
    case $(text "$a/operstate") in up) up=yes ;; down|lowerlayerdown|notpresent) up=no ;; *) case $carrier in 1) up=yes ;; 0) up=no ;; esac ;; esac
    [ $kind = loopback ] && { up=; [ "$carrier" = 1 ] && up=yes; }
    speed=$(text "$a/speed"); case $speed in ''|*[!0-9]*|0) speed= ;; esac
    gateway=$(awk "$LIB"' $1 == n && $2 == "00000000" && $3 != "00000000" && hex(substr($4, 4, 1)) % 2 { print ip4($3); exit }' n="$name" "$R/proc/net/route" 2>/dev/null)
    gap; pair "Adapter name" "$name"; pair "Adapter kind" "$kind"; pair "MAC address" "$mac"; pair Connected "$up"; pair "Link speed" "${speed:+$speed Mbit/s}"
    ip -o addr show dev "$name" 2>/dev/null | awk '$3 == "inet" { print "4", $4 } $3 == "inet6" { print "6", $4 }' | sort -s -k1,1 | while read -r v address; do pair "IPv$v address" "$address"; done
    pair "Default gateway" "$gateway"; [ -n "$gateway" ] && pair "Name servers" "$servers"
  done
}
probe_routes() {
  [ -r "$R/proc/net/route" ] || { fail "/proc/net/route could not be read: No such file or directory"; return; }
  awk "$LIB"' BEGIN { OFS = "\t"; print "Destination", "Mask", "Gateway", "Interface", "Metric" }
    NR > 1 && NF > 7 && hex(substr($4, 4, 1)) % 2 { print ip4($2), ip4($8), $3 == "00000000" ? "" : ip4($3), $1, $7 }' "$R/proc/net/route" | table
}
probe_neighbours() {
  [ -r "$R/proc/net/arp" ] || { fail "/proc/net/arp could not be read: No such file or directory"; return; }
  awk "$LIB"' BEGIN { OFS = "\t"; print "IP address", "Hardware address", "Interface", "Entry type" }
    NR > 1 && NF > 5 { f = hex(substr($3, 3)); if (int(f / 2) % 2) print $1, $4, $6, int(f / 4) % 2 ? "static" : "dynamic" }' "$R/proc/net/arp" | table
}
probe_accounts() {
  [ -r "$R/etc/passwd" ] || { fail "/etc/passwd could not be read: No such file or directory"; return; }
  s="$R/etc/shadow"; [ -r "$s" ] || s=/dev/null
  logons=; l="$R/var/log/lastlog"
  [ -s "$l" ] && [ -r "$l" ] && for uid in $(cut -d: -f3 "$R/etc/passwd"); do
    case $uid in ''|*[!0-9]*) continue ;; esac
    t=$(od -An -td4 -j $((uid * 292)) -N 4 "$l" 2>/dev/null | tr -d ' '); [ -n "$t" ] || continue
    if [ "$t" -gt 0 ]; then logons="$logons$uid=$(unix "$t" '+%Y-%m-%d %H:%M');"; else logons="$logons$uid=never;"; fi
  done
  awk -F: -v logons="$logons" "$LIB"' BEGIN { OFS = "\t"; n = split(logons, a, ";"); for (i = 1; i <= n; i++) { k = index(a[i], "="); at[substr(a[i], 1, k - 1)] = substr(a[i], k + 1) }
      print "Account", "Full name", "Enabled", "Administrator", "Password required", "Password set on", "Password expires on", "Last logon", "Groups" }
    FILENAME ~ /group$/ { if (NF > 3) { own[$3] = own[$3] SUBSEP $1; k = split($4, m, ","); for (i = 1; i <= k; i++) if (m[i] != "") of[m[i]] = of[m[i]] SUBSEP $1 } next }
    FILENAME ~ /passwd$/ { if (NF < 7) next
      delete set; all = of[$1] own[$4]; k = split(all, g, SUBSEP); c = 0; for (i = 1; i <= k; i++) if (g[i] != "" && !(g[i] in set)) { set[g[i]]; list[++c] = g[i] }
      for (i = 1; i <= c; i++) for (j = i + 1; j <= c; j++) if (list[j] < list[i]) { x = list[i]; list[i] = list[j]; list[j] = x }
      s = ""; admin = $3 == "0"; for (i = 1; i <= c; i++) { s = s (i > 1 ? ", " : "") list[i]; if (list[i] ~ /^(root|sudo|wheel|admin)$/) admin = 1 }
      shell = $7; sub(/.*\//, "", shell); split($5, full, ",")
      required = set_on = ends = ""
      if ($1 in shadow) { split(shadow[$1], p, ":"); required = p[2] == "" ? "no" : "yes"
        if (p[3] ~ /^[0-9]+$/ && p[3] > 0) { set_on = civil(p[3]); ends = p[5] ~ /^[0-9]+$/ && p[5] < 99999 ? civil(p[3] + p[5]) : "never" } }
      print $1, full[1], shell ~ /^(nologin|false|sync|halt|shutdown)/ ? "no" : "yes", admin ? "yes" : "no", required, set_on, ends, at[$3], s; next }
    { shadow[$1] = $0 }' "$s" "$R/etc/group" "$R/etc/passwd" | table
}
probe_software() {
  if [ -r "$R/var/lib/dpkg/status" ]; then
    i="$R/var/lib/dpkg/info"
    { stat -c '%Y %n' "$i"/*.list 2>/dev/null | sed "s|$i/||; s|\.list\$||"; echo; cat "$R/var/lib/dpkg/status"; echo; } | awk "$LIB"'
      BEGIN { OFS = "\t" }
      !body { if ($0 == "") { body = 1; next } at[$2] = civil(int($1 / 86400)); next }
      /^Package: / { name = substr($0, 10) } /^Status: / { ok = / installed$/ } /^Version: / { version = substr($0, 10) } /^Architecture: / { arch = substr($0, 15) }
      /^Maintainer: / { maker = substr($0, 13); sub(/ <.*/, "", maker) }
      /^$/ { if (name != "" && ok) print name, version, maker, (name in at) ? at[name] : at[name ":" arch]; name = version = maker = arch = ""; ok = 0 }' | sort | { printf 'Program\tVersion\tPublisher\tInstalled on\n'; cat; } | table
  elif [ -r "$R/lib/apk/db/installed" ]; then
    awk 'BEGIN { OFS = "\t"; print "Program", "Version", "Publisher", "Installed on" } /^P:/ { n = substr($0, 3) } /^V:/ { v = substr($0, 3) } /^m:/ { m = substr($0, 3); sub(/ <.*/, "", m) }
      /^$/ { if (n != "") print n, v, m, ""; n = v = m = "" } END { if (n != "") print n, v, m, "" }' "$R/lib/apk/db/installed" | table
  elif command -v rpm >/dev/null 2>&1 && [ -z "$R" ]; then
    rpm -qa --qf '%{NAME}\t%{VERSION}-%{RELEASE}\t%{VENDOR}\t%{INSTALLTIME}\n' | awk -F'\t' "$LIB"' BEGIN { OFS = "\t"; print "Program", "Version", "Publisher", "Installed on" } { print $1, $2, $3 == "(none)" ? "" : $3, civil(int($4 / 86400)) }' | table
  else fail "no book of installed software is known here: not supported on this PC"; fi
}
probe_updates() {
  [ -r "$R/var/log/dpkg.log" ] || { fail "$R/var/log/dpkg.log could not be read: No such file or directory"; return; }
  awk '$3 == "upgrade" && NF == 6 { n = $4; sub(/:.*/, "", n); last[n] = $1 " " substr($2, 1, 5) "\t" $6 } END { for (n in last) { split(last[n], p, "\t"); print n "\t" n "-" p[2] "\t" n " to " p[2] "\t" p[1] } }' "$R/var/log/dpkg.log" | sort | cut -f2- | { printf 'Update\tUpdate title\tInstalled on\n'; cat; } | table
}
probe_drivers() {
  [ -r "$R/proc/modules" ] || { fail "/proc/modules could not be read: No such file or directory"; return; }
  release=$(text "$R/proc/sys/kernel/osrelease"); dep="$R/lib/modules/$release/modules.dep"; [ -r "$dep" ] || dep=/dev/null
  while read -r name _ _ _ _ _ flags; do
    signed=yes; case $flags in *E*) signed=no ;; esac
    file=$(cut -d: -f1 "$dep" | awk -v n="$name" '{ f = $0; sub(/.*\//, "", f); sub(/\..*/, "", f); gsub(/-/, "_", f); if (f == n) { print; exit } }')
    printf '%s\t%s\t%s\t%s\n' "$name" "$(text "$R/sys/module/$name/version")" $signed "${file:+/lib/modules/$release/$file}"
  done <"$R/proc/modules" | sort | { printf 'Driver\tDriver version\tSigned\tDriver file\n'; cat; } | table
}
cron='{ line = $0; sub(/^[ \t]+/, "", line); if (line ~ /^#/ || line ~ /^[A-Za-z_0-9]+[ \t]*=/ || line == "") next
  if (line ~ /^@/) sub(/^@[a-z]+[ \t]+/, "", line); else { for (i = 0; i < 5; i++) if (!sub(/^[^ \t]+[ \t]+/, "", line)) next } }'
probe_tasks() {
  {
    printf 'Task name\tEnabled\tRuns\tRuns as\tLast run\n'
    for f in "$R/etc/crontab" "$R"/etc/cron.d/*; do [ -r "$f" ] && [ -f "$f" ] && awk -v name="${f##*/}" "$cron"' { user = line; sub(/[ \t].*/, "", user); if (!sub(/^[^ \t]+[ \t]+/, "", line)) next; print name " " ++n "\tyes\t" line "\t" user "\t" }' "$f"; done
    for f in "$R"/var/spool/cron/crontabs/*; do [ -r "$f" ] && awk -v name="${f##*/}" "$cron"' { print "crontab of " name " " ++n "\tyes\t" line "\t" name "\t" }' "$f"; done
    seen=" "
    for d in etc/systemd/system usr/lib/systemd/system lib/systemd/system; do for u in "$R/$d"/*.timer; do
      n=${u##*/}; [ -e "$u" ] || [ -h "$u" ] || continue
      case $seen in *" $n "*) continue ;; esac; seen="$seen$n "
      starts=$(sed -n 's/^Unit=\([^ ]*\).*/\1/p' "$u" 2>/dev/null | head -n 1); on=no
      for w in "$R"/etc/systemd/system/*.wants/"$n"; do { [ -e "$w" ] || [ -h "$w" ]; } && on=yes; done
      t=$(mtime "$R/var/lib/systemd/timers/stamp-$n"); printf '%s\t%s\t%s\t\t%s\n' "$n" $on "${starts:-${n%.timer}.service}" "${t:+$(unix "$t" '+%Y-%m-%d %H:%M')}"
    done; done
  } | table
}
probe_processes() {
  cat "$R"/proc/[0-9]*/status 2>/dev/null | awk -F'\t' -v passwd="$R/etc/passwd" '
    BEGIN { OFS = "\t"; while ((getline line < passwd) > 0) { split(line, p, ":"); user[p[3]] = p[1] } }
    function flush() { if (pid != "") print pid, name, (uid in user ? user[uid] : uid), rss; pid = rss = "" }
    $1 == "Name:" { flush(); name = $2 } $1 == "Pid:" { pid = $2 } $1 == "Uid:" { uid = $2 }
    $1 == "VmRSS:" { rss = $2; sub(/^ +/, "", rss); sub(/ kB$/, " KB", rss) }
    END { flush() }' | sort -n | { printf 'PID\tProcess\tUser\tMemory\n'; cat; } | table
}
probe_connections() {
  [ -r "$R/proc/net/tcp" ] || { fail "/proc/net/tcp could not be read: No such file or directory"; return; }
  owners=$(ls -l "$R"/proc/[0-9]*/fd /dev/null 2>/dev/null | awk '/\/fd:$/ { sub(/\/fd:$/, ""); sub(/.*\//, ""); pid = $0 } match($0, /socket:\[[0-9]+\]/) { printf "%s=%s;", substr($0, RSTART + 8, RLENGTH - 9), pid }')
  for f in tcp tcp6 udp udp6; do [ -r "$R/proc/net/$f" ] && sed "1d; s/^/$f /" "$R/proc/net/$f"; done | O="$owners" awk "$LIB"'
    BEGIN { OFS = "\t"; n = split(ENVIRON["O"], a, ";"); for (i = 1; i <= n; i++) { split(a[i], p, "="); pid[p[1]] = p[2] }
      split("established,syn sent,syn received,fin wait 1,fin wait 2,time wait,closed,close wait,last ack,listening,closing", state, ",")
      print "Protocol", "Local address", "Remote address", "State", "PID" }
    function end(t,   p) { split(t, p, ":"); return (length(p[1]) > 8 ? "[" ip6(p[1]) "]" : ip4(p[1])) ":" hex(p[2]) }
    NF > 10 { t = toupper(substr($1, 1, 3)); print t, end($3), end($4), t == "TCP" ? state[hex($5)] : "", pid[$11] }' | table
}
probe_boot_entries() {
  {
    printf 'Boot entry\tEntry name\tBoot path\tDefault\n'
    v="$R/sys/firmware/efi/efivars"; order=$(bytes -j 4 -N 2 "$v/BootOrder-$EFI" | awk 'NF { printf "%04X", $1 + $2 * 256 }')
    for f in "$v"/Boot[0-9A-F][0-9A-F][0-9A-F][0-9A-F]-$EFI; do
      [ -r "$f" ] || continue
      id=${f##*/}; id=${id%%-*}; on=no; [ "$id" = "Boot$order" ] && on=yes
      # EFI_LOAD_OPTION (UEFI 2.10, 3.1.3): description, then device paths; the file path is of kind 4, 4.
      bytes -j 4 "$f" | awk -v id="$id" -v on=$on '{ for (i = 1; i <= NF; i++) b[n++] = $i }
        function wide(o, e,   s) { s = ""; for (; o + 1 < e && (b[o] || b[o + 1]); o += 2) s = s (b[o + 1] ? "?" : sprintf("%c", b[o])); at = o + 2; return s }
        END { len = b[4] + b[5] * 256; name = wide(6, n); p = at; e = p + len
          while (p + 4 <= e && p + 4 <= n) { z = b[p + 2] + b[p + 3] * 256; if (z < 4) break; if (b[p] == 4 && b[p + 1] == 4) path = wide(p + 4, p + z); p += z }
          print id "\t" name "\t" path "\t" on }'
    done
    for f in "$R"/boot/loader/entries/*.conf; do [ -r "$f" ] && awk -v id="$(basename "$f" .conf)" '{ k = $1; sub(/^[^ \t]+[ \t]+/, ""); v[k] = $0 } END { print id "\t" v["title"] "\t" (v["linux"] != "" ? v["linux"] : v["efi"]) "\t" }' "$f"; done
  } | table
}
probe_environment() {
  env | grep '^[A-Za-z_][A-Za-z_0-9]*=' | grep -v '^PATH=\|^LC_ALL=\|^SAID_' | sort | awk -F= 'BEGIN { OFS = "\t"; print "Variable", "Value" }
    { n = $1; v = substr($0, length(n) + 2); if (tolower(n) ~ /key|token|secret|pass|credential|auth|cookie|session/) v = ""; gsub(/\t/, " ", v); print n, substr(v, 1, 400) }' | table
  echo; echo "Search path"; echo
  printf '%s' "$SAID_PATH" | tr ':' '\n' | awk 'BEGIN { OFS = "\t"; print "Order", "Folder" } NF { print ++n, $0 }' | table
}

fail() { printf 'probe %s: %s\n' "$probe" "$1"; }
SAID_LANG=${LANG:-}
echo "Yes Tally report 1, $(date -u '+%Y-%m-%d %H:%M:%S') UTC"; echo
for probe in system traces machine processor memory modules "page files" disks volumes graphics displays sound batteries \
  printers adapters routes neighbours accounts software updates drivers tasks processes connections "boot entries" environment; do
  echo "yes-tally@$host \$ probe $probe"
  closed=; told=$(probe_$(printf '%s' "$probe" | tr ' ' '_') 2>/dev/null | tr -cd '\12\40-\176\200-\377')
  if [ -n "$told" ]; then printf '%s\n' "$told"; else fail "nothing is told of it here: not supported on this PC"; fi
  echo
done
