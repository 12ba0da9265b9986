spec "Counter PC"
for role counter

must   memory.installed at least 16 GB                      because "ticketing swaps below this"
must   every module: type is one of DDR4, DDR5
should same speed across module                             because "one slow module slows them all"
must   processor.cores at least 4
must   some disk: media is one of ssd, nvme

must   os.edition is one of "Desk Pro", "Studio"
must   os.build at least 12.0.4417
must   os.architecture is x86-64
must   firmware.secure_boot is yes
must   licence.channel is volume

must   licence.state is active
should licence.expires_at after today + 60 days
must   every volume where kind is fixed: free at least 15% of size
must   some software where name like "Tideline Ledger*": version at least 4.2
must   no software where name like "MagnetPull*"

must   no account where admin is yes and name is not one of "svc-desk", "svc-patch"
must   every firewall: on is yes
must   every adapter where kind is one of wired, wireless: dns within "10.20.0.53", "10.20.1.53"
