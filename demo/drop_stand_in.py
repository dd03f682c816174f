#!/usr/bin/python3
"""A small stand-in for a WebDAV server, to try drops without one: drop_stand_in.py FOLDER [PORT]. It serves a folder to this machine
alone, without a password, knows what a drop needs (MKCOL, PUT, GET, MOVE, DELETE) and prints what it was asked for.

    eyelid-cli place Stand-in http://localhost:PORT

With --lose-answer it breaks off once where it has just shown a release under its name: done, and nobody was told.
"""
import http.server, os, shutil, sys, urllib.parse

losing = '--lose-answer' in sys.argv
arguments = [word for word in sys.argv[1:] if not word.startswith('--')]
folder = os.path.realpath(arguments[0])


class Served(http.server.BaseHTTPRequestHandler):
    protocol_version = 'HTTP/1.1'

    def path_of(self, address):
        name = urllib.parse.unquote(urllib.parse.urlparse(address).path).strip('/')
        path = os.path.realpath(os.path.join(folder, name))
        return path if path == folder or path.startswith(folder + os.sep) else None

    def answer(self, status, body=b''):
        self.send_response(status)
        self.send_header('Content-Length', str(len(body)))
        self.end_headers()
        self.wfile.write(body)

    def do_MKCOL(self):
        path = self.path_of(self.path)
        if not path or not os.path.isdir(os.path.dirname(path)):
            return self.answer(409)
        if os.path.exists(path):
            return self.answer(405)
        os.mkdir(path)
        self.answer(201)

    def do_PUT(self):
        body = self.rfile.read(int(self.headers.get('Content-Length', 0)))
        path = self.path_of(self.path)
        if not path or not os.path.isdir(os.path.dirname(path)):
            return self.answer(409)
        with open(path, 'wb') as file:
            file.write(body)
        self.answer(201)

    def do_GET(self):
        path = self.path_of(self.path)
        if not path or not os.path.isfile(path):
            return self.answer(404)
        with open(path, 'rb') as file:
            self.answer(200, file.read())

    def do_MOVE(self):
        path, to = self.path_of(self.path), self.path_of(self.headers.get('Destination', ''))
        if not path or not to or not os.path.exists(path):
            return self.answer(404)
        if os.path.exists(to):
            return self.answer(412)
        os.rename(path, to)
        global losing
        if losing:
            losing = False
            self.close_connection = True
            return self.connection.close()
        self.answer(201)

    def do_DELETE(self):
        path = self.path_of(self.path)
        if not path or path == folder or not os.path.exists(path):
            return self.answer(404)
        shutil.rmtree(path) if os.path.isdir(path) else os.remove(path)
        self.answer(204)

    def log_message(self, form, *parts):
        print(form % parts, flush=True)


server = http.server.ThreadingHTTPServer(('127.0.0.1', int(arguments[1]) if len(arguments) > 1 else 0), Served)
print(f'http://localhost:{server.server_port}', flush=True)
server.serve_forever()
