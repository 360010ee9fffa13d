#!/usr/bin/env bash
# bin/serve-crew as a crew meets it: refused without an owner, its certificate checked by a real client, signed in to, and back after kills.
set -euo pipefail
cd "$(dirname "$0")/.."
work=$(mktemp -d)
export DB_DATABASE="$work/crew.sqlite" HOST=127.0.0.1 PORT=8459 TRUST_PORT=8099 PUBLIC=plan.example.org
fails() { echo "serve-crew: $1" >&2; cat "$work/log" >&2; exit 1; }
if bin/serve-crew >"$work/log" 2>&1; then fails "it started with nobody to sign in"; fi
grep -q 'Nobody could sign in' "$work/log" || fails "it did not say why it does not start"
printf 'a tide of ten\n' | php artisan fineframe:owner Isolde --stdin >/dev/null
bin/serve-crew >"$work/log" 2>&1 &
server=$!
proxy=
trap 'kill $server $proxy 2>/dev/null; wait $server 2>/dev/null; rm -rf "$work"' EXIT
ask() { curl -s --max-time 10 --cacert storage/crew/ca.crt -b "$work/jar" -c "$work/jar" "$@"; }
comes() { for _ in $(seq 40); do [ "$(ask -o /dev/null -w '%{http_code}' https://127.0.0.1:$PORT/sign-in)" = 200 ] && return; sleep 0.5; done; fails "$1"; }
comes "it did not come up"
[ "$(ask -o /dev/null -w '%{http_code}' https://127.0.0.1:$PORT/)" = 302 ] || fails "a page was shown to nobody"
curl -s --max-time 5 -o /dev/null https://127.0.0.1:$PORT/ && fails "a client that does not know its authority trusted it"
token=$(ask https://127.0.0.1:$PORT/sign-in | grep -o 'name="_token" value="[^"]*"' | head -1 | cut -d'"' -f4)
ask -o /dev/null --data-urlencode "_token=$token" -d name=Isolde --data-urlencode 'password=a tide of ten' https://127.0.0.1:$PORT/sign-in
[ "$(ask -o "$work/home" -w '%{http_code}' https://127.0.0.1:$PORT/)" = 200 ] || fails "who signed in was not let in"
grep -q 'The miller' "$work/home" || fails "the plans are not there"
ask -I -H 'Accept-Encoding: gzip' https://127.0.0.1:$PORT/build/app.js | grep -qi 'content-encoding: gzip' || fails "scripts are not packed"
curl -s "http://127.0.0.1:$TRUST_PORT/" | grep -q '<svg' || fails "the page to trust it has no mark"
curl -s "http://127.0.0.1:$TRUST_PORT/ca.crt" | cmp -s - storage/crew/ca.crt || fails "the authority is not given out"
ask -I https://127.0.0.1:$PORT/build/app.js | grep -qi "content-security-policy" || fails "files come without headers"
ls "$work"/copies/*.sqlite >/dev/null 2>&1 || fails "the database was not copied"
# The proxy of docs/INTERNET.md in front of it, with this certificate in place of a public one, and other ports.
sed "s#/etc/nginx/snippets/#$work/#; s#/etc/letsencrypt/live/plan.example.org/\(fullchain\|privkey\).pem#$work/\1.pem#; s#listen 80#listen 127.0.0.1:8098#; s#listen 443#listen 127.0.0.1:8458#" deploy/nginx-public.conf >"$work/public.conf"
sed "s#/srv/fine-frame#$PWD#; s#:8443#:$PORT#" deploy/fine-frame-pass.conf >"$work/fine-frame-pass.conf"
cp storage/crew/server.crt "$work/fullchain.pem" && cp storage/crew/server.key "$work/privkey.pem"
printf 'daemon off; pid %s/proxy.pid; error_log %s/proxy.log; events {} http { access_log off; include %s/public.conf; }\n' "$work" "$work" "$work" >"$work/proxy.conf"
nginx -c "$work/proxy.conf" -e "$work/proxy.log" >>"$work/proxy.log" 2>&1 &
proxy=$!
sleep 1
front() { curl -s --max-time 10 --insecure --resolve plan.example.org:8458:127.0.0.1 -H 'Host: plan.example.org' "$@"; }
front https://plan.example.org:8458/sign-in | grep -q 'Sign in' || { cat "$work/proxy.log" >&2; fails "the proxy does not lead to it"; }
[ "$(front -o /dev/null -w '%{redirect_url}' https://plan.example.org:8458/)" = https://plan.example.org/sign-in ] || fails "behind the proxy its addresses are others"
front -I https://plan.example.org:8458/sign-in | grep -qi 'strict-transport-security' || fails "the proxy does not ask for HTTPS alone"
kill $proxy
kill -9 "$(pgrep -f 'php-fpm: pool crew' | head -1)"
comes "it did not come back after a worker was killed"
kill -9 "$(cat storage/crew/fpm.pid)"
comes "it did not come back after PHP-FPM was killed"
kill -9 "$(cat storage/crew/nginx.pid)"
comes "it did not come back after nginx was killed"
