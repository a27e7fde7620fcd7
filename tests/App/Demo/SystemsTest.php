<?php

declare(strict_types=1);

namespace Tests\App\Demo;

use App\Models\AppointmentCalendar;
use App\Models\Tracker;
use App\Models\Webhook;
use Illuminate\Support\Facades\Artisan;
use Tests\App\TestCase;

final class SystemsTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->import(['people.csv' => "person,name,email\ntobin.vale,Tobin Vale,tobin@fenlight.example\ncallum.reyes,Callum Reyes,callum@fenlight.example\nsorrel.mead,Sorrel Mead,sorrel@fenlight.example\n"]);
        config(['moss.demo' => true, 'moss.allowed_hosts' => '127.0.0.1:9002,127.0.0.1:9003', 'single_sign_on.client_secret' => 'only for this test']);
    }

    public function test_the_demonstration_is_connected_with_what_is_simulated_where_it_is_this_time(): void
    {
        $this->connect(9001, 9002, 9004);
        $this->connect(9011, 9003, 9014);

        // The other who has one is not of the demonstration.
        $calendar = AppointmentCalendar::query()->sole();
        self::assertSame([$this->person('callum.reyes')->id, 'http://127.0.0.1:9011/callum.reyes.ics'], [$calendar->person_id, $calendar->address]);
        $webhook = Webhook::query()->sole();
        self::assertSame(['http://127.0.0.1:9003/events', 'only for this test'], [$webhook->address, $webhook->secret]);
        self::assertSame('http://127.0.0.1:9014', Tracker::query()->sole()->address);
    }

    public function test_nothing_is_connected_that_is_not_simulated_or_is_real(): void
    {
        self::assertSame(0, Artisan::call('moss:demo-systems'));
        config(['moss.demo' => false, 'moss.simulated_tracker' => 'http://127.0.0.1:9004']);
        self::assertSame(1, Artisan::call('moss:demo-systems'));

        self::assertSame([0, 0, 0], [AppointmentCalendar::query()->count(), Webhook::query()->count(), Tracker::query()->count()]);
    }

    private function connect(int $calendars, int $receiver, int $tracker): void
    {
        config(['moss.simulated_calendars' => "http://127.0.0.1:$calendars", 'moss.simulated_receiver' => "http://127.0.0.1:$receiver", 'moss.simulated_tracker' => "http://127.0.0.1:$tracker"]);
        self::assertSame(0, Artisan::call('moss:demo-systems'));
    }
}
