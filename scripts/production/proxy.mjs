// nginx with the configuration that is documented, on ports and with a certificate of its own.
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureDebianPackage } from '../machine/install.mjs';
import { end, run, succeeds } from '../machine/processes.mjs';

const NGINX = '/usr/sbin/nginx';

/** Starts it in `folder` before servers on these ports; resolves with its certificate and what stops it. */
export async function startProxy(root, folder, { serverPorts, plainPort, tlsPort }) {
  ensureDebianPackage('nginx', () => succeeds(NGINX, ['-v']));
  mkdirSync(folder, { recursive: true });
  const certificate = join(folder, 'fullchain.pem');
  const key = join(folder, 'privkey.pem');
  run('openssl', [
    ...['req', '-x509', '-newkey', 'rsa:2048', '-nodes', '-days', '2', '-keyout', key],
    ...['-out', certificate, '-subj', '/CN=localhost'],
    ...['-addext', 'subjectAltName=DNS:localhost,IP:127.0.0.1'],
  ]);
  const [first, second] = serverPorts;
  const site = readFileSync(join(root, 'deploy/nginx.conf'), 'utf8')
    .replaceAll('127.0.0.1:4401', `127.0.0.1:${first}`)
    .replaceAll('127.0.0.1:4402', `127.0.0.1:${second}`)
    .replaceAll('listen 80;', `listen 127.0.0.1:${plainPort};`)
    .replaceAll('listen 443 ssl http2;', `listen 127.0.0.1:${tlsPort} ssl http2;`)
    .replaceAll('otter.example.org', 'localhost')
    .replaceAll('/etc/ssl/wiry-otter/fullchain.pem', certificate)
    .replaceAll('/etc/ssl/wiry-otter/privkey.pem', key)
    .replaceAll('/var/log/nginx/wiry-otter.log', join(folder, 'error.log'));
  const whole = join(folder, 'nginx.conf');
  writeFileSync(
    whole,
    `daemon off; worker_processes 1; pid ${join(folder, 'pid')}; error_log ${join(folder, 'main.log')};
events { worker_connections 256; }
http {
client_body_temp_path ${join(folder, 'body')}; proxy_temp_path ${join(folder, 'proxied')};
fastcgi_temp_path ${join(folder, 'f')}; uwsgi_temp_path ${join(folder, 'u')}; scgi_temp_path ${join(folder, 's')};
${site}
}
`,
  );
  const user = process.getuid?.() === 0 ? ['-g', 'user root;'] : [];
  run(NGINX, ['-t', '-c', whole, ...user]);
  const child = spawn(NGINX, ['-c', whole, ...user], { stdio: 'ignore' });
  return {
    certificate: readFileSync(certificate),
    errors: () => readFileSync(join(folder, 'error.log'), 'utf8'),
    stop: () => end(child),
  };
}
