<?php

declare(strict_types=1);

namespace Tests\App\Network;

use App\Support\Network\OutsideUnreachable;
use App\Support\Network\PinnedHttp;
use App\Support\Network\PublicAddress;
use PHPUnit\Framework\TestCase;

/** Asks a real server on this machine, which answers whatever it is asked by whatever name. */
final class PinnedHttpTest extends TestCase
{
    private const ANSWER = '{"received":true}';

    /** @var resource */
    private $server;

    private int $port;

    protected function setUp(): void
    {
        // It answers each connection once, with the method and the host that it was asked for.
        $code = <<<'PHP'
            $server = stream_socket_server('tcp://127.0.0.1:0');
            echo explode(':', stream_socket_get_name($server, false))[1], "\n";
            while ($connection = stream_socket_accept($server, 30)) {
                $request = fread($connection, 65536);
                $body = str_contains($request, ' /large ') ? str_repeat('a', 300000) : '{"received":true}';
                $head = str_contains($request, ' /elsewhere ') ? "HTTP/1.1 302 Found\r\nLocation: http://127.0.0.1/\r\n" : "HTTP/1.1 200 OK\r\n";
                fwrite($connection, $head."X-Asked: ".strtok($request, "\r\n")."\r\nContent-Length: ".strlen($body)."\r\nConnection: close\r\n\r\n".$body);
                fclose($connection);
            }
            PHP;
        $process = proc_open([PHP_BINARY, '-r', $code], [1 => ['pipe', 'w']], $pipes);
        self::assertIsResource($process);
        $this->server = $process;
        $this->port = (int) fgets($pipes[1]);
        self::assertGreaterThan(0, $this->port);
    }

    protected function tearDown(): void
    {
        proc_terminate($this->server);
        proc_close($this->server);
    }

    public function test_the_number_that_was_looked_at_is_asked_whatever_the_name_stands_for_by_then(): void
    {
        $asked = $this->http()->ask('POST', "http://tide.invalid:$this->port/hook", ['Content-Type' => 'application/json'], '{}');
        self::assertSame([200, self::ANSWER, 'POST /hook HTTP/1.1'], [$asked->status, $asked->body, $asked->header('X-Asked')]);
    }

    public function test_it_is_not_led_elsewhere(): void
    {
        self::assertSame(302, $this->http()->ask('GET', "http://tide.invalid:$this->port/elsewhere")->status);
    }

    public function test_an_answer_that_is_too_large_is_not_read_to_its_end(): void
    {
        self::assertSame(300_000, strlen($this->http()->ask('GET', "http://tide.invalid:$this->port/large")->body));
        $this->expectExceptionObject(OutsideUnreachable::because(OutsideUnreachable::TOO_LARGE));
        $this->http()->ask('GET', "http://tide.invalid:$this->port/large", longest: 299_999);
    }

    public function test_nobody_is_asked_where_nobody_answers_or_nobody_may(): void
    {
        foreach (['http://127.0.0.1:'.$this->port => OutsideUnreachable::ADDRESS, 'http://unknown.invalid/' => OutsideUnreachable::ADDRESS, 'http://silent.invalid:'.$this->port.'/' => OutsideUnreachable::UNREACHABLE] as $address => $key) {
            try {
                $this->http()->ask('GET', $address);
                self::fail($address);
            } catch (OutsideUnreachable $unreachable) {
                self::assertSame($key, $unreachable->key, $address);
            }
        }
    }

    private function http(): PinnedHttp
    {
        // Names that stand for nothing outside this test; on the second of the numbers nobody listens.
        $names = ['tide.invalid' => ['127.0.0.1'], 'silent.invalid' => ['127.0.0.2']];

        return new PinnedHttp(new PublicAddress(["tide.invalid:$this->port", "silent.invalid:$this->port"], static fn (string $name): array => $names[$name] ?? []));
    }
}
