import ipaddr from 'ipaddr.js';

/** Whoever has one address of the sixth version has all that share these bits. */
const NETWORK_BITS = 64;

/** What attempts are counted by: an address, or the network that one of the sixth version lies in. */
export function networkOf(address: string): string {
  if (!ipaddr.isValid(address)) return address;
  const parsed = ipaddr.process(address);
  if (parsed.kind() === 'ipv4') return parsed.toString();
  return ipaddr.IPv6.networkAddressFromCIDR(`${parsed.toString()}/${NETWORK_BITS}`).toString();
}
