spec "Office PC"
for role dispatch, accounts, workshop

must   memory.installed at least 16 GB
should same speed across module
must   processor.cores at least 2
must   some disk: media is one of ssd, nvme
must   os.edition is one of "Desk Pro", "Studio"

must   os.build at least 12.0.4417
must   licence.channel is volume
must   licence.state is active
must   every volume where kind is fixed: free at least 15% of size
must   no software where name like "MagnetPull*"

must   no account where admin is yes and name is not one of "svc-desk", "svc-patch"
must   every firewall: on is yes
must   every adapter where kind is one of wired, wireless: dns within "10.20.0.53", "10.20.1.53"
