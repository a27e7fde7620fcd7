<?php

declare(strict_types=1);

namespace Tests\Bench;

use Closure;
use CurlHandle;

/** People who ask the server of bin/bench at the same time, each again as soon as they are answered. */
final readonly class ManyClients
{
    private const NANOSECONDS = 10_000_000_000;

    /** @param  non-empty-list<PageClient>  $clients  each signed in as somebody else */
    public function __construct(private array $clients)
    {
    }

    /**
     * @param  Closure(int): array{string, string, array<string, mixed>|null}  $request  method, address and body of the next request of a client
     * @param  (Closure(string): void)|null  $check  throws if an answer is not what is measured
     * @return array{float, float} answers a second, and the milliseconds within which 99 of 100 came
     */
    public function measure(Closure $request, ?Closure $check = null): array
    {
        $multi = curl_multi_init();
        $began = hrtime(true);
        [$sent, $numbers, $took] = [[], [], []];
        $send = function (int $number) use ($multi, $request, &$sent, &$numbers): void {
            $handle = $this->clients[$number]->prepared(...$request($number));
            curl_multi_add_handle($multi, $handle);
            $sent[$number] = hrtime(true);
            $numbers[spl_object_id($handle)] = $number;
        };
        array_map($send, array_keys($this->clients));
        $open = count($this->clients);
        while ($open > 0) {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.1);
            while (($done = curl_multi_info_read($multi)) !== false) {
                $handle = $done['handle'];
                assert($handle instanceof CurlHandle);
                $number = $numbers[spl_object_id($handle)];
                $took[] = hrtime(true) - $sent[$number];
                $answer = $this->clients[$number]->answered(curl_multi_getcontent($handle));
                if ($check !== null) {
                    $check($answer);
                }
                curl_multi_remove_handle($multi, $handle);
                if (hrtime(true) - $began < self::NANOSECONDS) {
                    $send($number);
                } else {
                    $open--;
                }
            }
        }
        $seconds = (hrtime(true) - $began) / 1e9;
        sort($took);

        return [count($took) / $seconds, $took[(int) floor(0.99 * (count($took) - 1))] / 1e6];
    }
}
