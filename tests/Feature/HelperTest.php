<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Helper;
use App\Models\HelperTick;
use App\Models\Keeper;
use App\Models\Photo;
use App\Models\Tank;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

final class HelperTest extends FeatureCase
{
    /** @return array{Keeper, Tank, string, Helper} a helper for ten days, asked to look daily and to fill up every third day */
    private function asked(): array
    {
        $this->travelTo('2026-03-03 09:00');
        [$keeper, $tank] = $this->readyTank();
        $this->actingAs($keeper)->post('/helpers', [
            'tank_id' => $tank
                ->id, 'name' => 'Ines', 'from_day' => '2026-03-03', 'until_day' => '2026-03-12', 'note' => 'The jug stands under the shelf.', 'reads' => ['temperature'],
            'jobs' => [
                ['text' => 'Watch for a minute', 'caution' => 'Call when they gasp', 'every' => '1'],
                ['text' => 'Top off to the mark on the glass with water from the jug (about', 'caution' => '', 'every' => '3'],
                ['text' => 'Lay one leaf in', 'every' => '0'], ['text' => ' ', 'every' => '1'],
            ],
        ])->assertRedirect('/helpers')->assertSessionHasNoErrors();
        $link = session('link');
        self::assertIsString($link);
        $secret = substr($link, -43);
        $this->post('/sign-out');

        return [$keeper, $tank, $secret, Helper::query()->sole()];
    }

    public function testADangerStandsBeforeWhatIsAsked(): void
    {
        [$keeper, $tank, $secret] = $this->asked();
        $this->get('/help/'.$secret)->assertOk()->assertDontSee('In the next ten minutes');
        $tank->readings()->where('parameter', 'ammonium')->delete();
        $this->read($keeper, $tank, ['ammonium' => '2']);
        $this->get('/help/'.$secret)->assertOk()->assertSeeInOrder(['dangerous now', 'In the next ten minutes', 'Watch for a minute'])
            ->assertDontSee('/tanks/');
    }

    public function testOnlyTheHashIsKeptAndNeverTheAddress(): void
    {
        [, , $secret, $helper] = $this->asked();
        self::assertSame(32, strlen((string) base64_decode(strtr($secret, '-_', '+/'), true)), '256 bits');
        self::assertSame(hash('sha256', $secret), $helper->hash);
        $this->get('/help/'.$secret)->assertOk()->assertHeader('Referrer-Policy', 'no-referrer')->assertHeader('X-Robots-Tag', 'noindex');
        self::assertStringNotContainsString($secret, (string) json_encode(session()->all()), 'not even in the session');
    }

    public function testItShowsWhatIsAskedTodayAndNothingElse(): void
    {
        [$keeper, , $secret] = $this->asked();
        $this->get('/help/'.$secret)->assertSeeText('Brook')->assertSeeText('Watch for a minute')->assertSeeText('Call when they gasp')
            ->assertSeeText('Top off to the mark on the glass with water from the jug (about')->assertSeeText('The jug stands under the shelf.')
            ->assertDontSeeText($keeper->name)->assertDontSee($keeper->email)->assertDontSeeText('Nitrate')->assertDontSee('/tanks/')
            ->assertSeeText('Power and water: unplug before you put your hands in. Water on the');
        $this->get('/tanks/1')->assertRedirect('/sign-in');
        $this->travel(1)->days();
        $this->get('/help/'.$secret)->assertSeeInOrder([
            'Watch for a minute', 'Not today', 'Top off to the mark on the glass with water from the jug (about', 'Friday 6 March',
        ]);
    }

    public function testTicksReadingsAndAPhotoReachTheKeeper(): void
    {
        Storage::fake('local');
        [$keeper, $tank, $secret, $helper] = $this->asked();
        $job = $helper->jobs()->orderBy('id')->firstOrFail();
        $this->post("/help/$secret/tasks/$job->id")->assertRedirect('/help/'.$secret);
        $this->post("/help/$secret/tasks/$job->id");
        self::assertSame(1, HelperTick::query()->count(), 'two taps are one tick');
        $this->get('/help/'.$secret)->assertSeeText('Done today.');
        $this->post("/help/$secret/tasks/$job->id", ['back' => '1']);
        self::assertSame(0, HelperTick::query()->count());
        $this->post("/help/$secret/tasks/$job->id");
        $before = $tank->readings()->count();
        $this->post("/help/$secret/readings", ['readings' => ['temperature' => '24.5', 'nitrate' => '80'], 'note' => 'All well'])
            ->assertRedirect('/help/'.$secret);
        self::assertSame($before + 1, $tank->readings()->count(), 'only what was asked for');
        self::assertTrue($keeper->entries()->where('body', 'All well')->get()->contains('title', 'Helped by Ines'));
        $this->from('/help/'.$secret)->post("/help/$secret/readings", ['readings' => ['temperature' => 'warm']])->assertRedirect('/help/'.$secret)
            ->assertSessionHasErrors('readings.temperature');
        $this->post("/help/$secret/photo", ['photo' => UploadedFile::fake()->image('a.jpg', 200, 100)])->assertRedirect('/help/'.$secret)
            ->assertSessionHasNoErrors();
        $this->post("/help/$secret/photo", ['photo' => 'nothing'])->assertSessionHasErrors('photo');
        self::assertSame($tank->id, Photo::query()->sole()->tank_id);
        $this->travel(3)->days();
        $this->actingAs($keeper)->get('/helpers/'.$helper->id)->assertOk()->assertSeeText('not done: Watch for a minute')
            ->assertSeeText('done: Watch for a minute');
        // Looked at once, twice not; filled up on no day of the first; the leaf lies in the tin.
        $this->get('/helpers')->assertSeeText('1 of 5 done');
        $this->get("/helpers/$helper->id/print")->assertOk()->assertSeeText('Top off to the mark on the glass with water from the jug (about')
            ->assertSeeText('every 3 days');
    }

    public function testAGuessAnExpiredLinkAndOneThatWasTakenBackLookAlike(): void
    {
        [$keeper, , $secret, $helper] = $this->asked();
        $guess = $this->get('/help/'.str_repeat('A', 43))->assertNotFound()->getContent();
        $this->travelTo('2026-03-12 22:00');
        $this->get('/help/'.$secret)->assertOk();
        $this->travelTo('2026-03-13 00:10');
        self::assertSame($guess, $this->get('/help/'.$secret)->assertNotFound()->getContent());
        $job = $helper->jobs()->firstOrFail();
        $this->post("/help/$secret/tasks/$job->id")->assertNotFound();
        $this->travelTo('2026-03-05 10:00');
        $this->get('/help/'.$secret)->assertOk();
        $this->actingAs($keeper)->delete('/helpers/'.$helper->id)->assertRedirect('/helpers');
        $this->post('/sign-out');
        self::assertSame($guess, $this->get('/help/'.$secret)->assertNotFound()->getContent());
        $this->get('/help/short')->assertNotFound();
    }

    public function testGuessesAreSlowedDown(): void
    {
        $answers = array_map(fn(int $n): int => $this->get('/help/'.str_pad((string) $n, 43, 'x'))->status(), range(1, 125));
        self::assertSame(404, $answers[0]);
        self::assertSame(429, $answers[124]);
    }

    public function testAHelperTicksOnlyTheJobsOfTheirOwnLink(): void
    {
        [, , $secret, $helper] = $this->asked();
        [$other, $tank] = $this->readyTank('Lark');
        $theirs = new Helper([
            'tank_id' => $tank->id, 'name' => 'Bo', 'from_day' => '2026-03-03', 'until_day' => '2026-03-12', 'reads' => [], 'made_at' => now(),
        ]);
        $theirs->keeper_id = $other->id;
        $theirs->hash = hash('sha256', 'x');
        $theirs->save();
        $job = $theirs->jobs()->create(['text' => 'Look', 'every' => 1, 'first_on' => '2026-03-03']);
        $this->post("/help/$secret/tasks/$job->id")->assertNotFound();
        self::assertSame(0, HelperTick::query()->count());
        self::assertNotSame($helper->id, $theirs->id);
    }

    public function testNonsenseAsksForNothing(): void
    {
        $this->travelTo('2026-03-03 09:00');
        [$keeper, $tank] = $this->readyTank();
        [, $theirs] = $this->readyTank('Lark');
        $good = [
            'tank_id' => $tank->id, 'name' => 'Ines', 'from_day' => '2026-03-03', 'until_day' => '2026-03-12',
            'jobs' => [['text' => 'Look', 'every' => '1']],
        ];
        foreach ([
            ['tank_id' => $theirs->id], ['name' => ''], ['until_day' => '2026-03-01'], ['until_day' => '2027-03-01'], ['jobs' => [['text' => '']]],
            ['jobs' => 'x'], ['reads' => ['magic']],
        ] as $wrong) {
            $field = array_key_first($wrong) === 'reads' ? 'reads.0' : (string) array_key_first($wrong);
            $this->actingAs($keeper)->post('/helpers', $wrong + $good)->assertSessionHasErrors($field);
        }
        self::assertSame(0, Helper::query()->count());
    }

    public function testItIsForeseenWhatBecomesOfATankThatNobodyTends(): void
    {
        $this->travelTo('2026-03-03 09:00');
        [$keeper, $tank, $water] = $this->readyTank();
        $this->noteChange($keeper, $tank, $water, 30.0, CarbonImmutable::now()->subDays(3));
        $keeper->absences()->create(['from_day' => '2026-03-05', 'until_day' => '2026-03-24']);
        // 3 weeks at about 1 mg/L a day on top of what it holds; the heater hangs 80 mm below the rim, 60 below the water.
        $this->actingAs($keeper)->get('/helpers')->assertOk()->assertSeeText('until Tuesday 24 March')->assertSeeText("limit 30\u{a0}mg/L")
            ->assertSeeText('evaporate');
        $this->get('/helpers?working='.$tank->id)->assertSeeText('Nitrate on the day of return');
    }
}
