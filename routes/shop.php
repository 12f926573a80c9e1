<?php

declare(strict_types=1);

use App\Http\Middleware\ChooseStore;
use App\Http\Middleware\RefuseForeignForms;
use App\Storefront\AccountController;
use App\Storefront\CartController;
use App\Storefront\CheckoutController;
use App\Storefront\FileController;
use App\Storefront\IconController;
use App\Storefront\LockController;
use App\Storefront\MailController;
use App\Storefront\NewsletterController;
use App\Storefront\PageController;
use App\Storefront\PreviewShop;
use App\Storefront\PublicShop;
use App\Storefront\SavedController;
use App\Storefront\StateController;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Support\Facades\Route;

$pages = static function (): void {
    Route::get('/', [PageController::class, 'home'])->name('home');
    Route::get('category/{category}', [PageController::class, 'category'])->name('category');
    Route::get('product/{product}', [PageController::class, 'product'])->name('product');
    Route::get('search', [PageController::class, 'search'])->name('search');
    Route::get('page/{page}', [PageController::class, 'page'])->name('page');
    Route::get('document/{document}', [PageController::class, 'document'])->name('document');
    Route::get('locked', [LockController::class, 'show'])->name('locked');
    Route::post('locked', [LockController::class, 'open'])->middleware('throttle:shop-key')->name('unlock');
    Route::post('letters', [NewsletterController::class, 'store'])->middleware('throttle:letters')->name('letters');
    Route::get('letters/{token}', [NewsletterController::class, 'link'])->name('letters.link');
    Route::post('letters/{token}', [NewsletterController::class, 'confirm'])->middleware('throttle:letters')->name('letters.confirm');
    Route::post('letters/{token}/leave', [NewsletterController::class, 'leave'])->middleware('throttle:letters')->name('letters.leave');
    Route::get('saved', [SavedController::class, 'show'])->name('saved');
    Route::post('saved', [SavedController::class, 'change']);
    Route::post('country', [SavedController::class, 'country'])->name('country');
    Route::get('account', [AccountController::class, 'show'])->name('account');
    Route::post('account', [AccountController::class, 'find'])->middleware('throttle:account');
    Route::get('cart', [CartController::class, 'show'])->name('cart');
    Route::post('cart/add', [CartController::class, 'add'])->middleware('throttle:cart')->name('cart.add');
    Route::post('cart/change', [CartController::class, 'change'])->name('cart.change');
    Route::post('cart/code', [CartController::class, 'code'])->middleware('throttle:code')->name('cart.code');
    Route::get('checkout', [CheckoutController::class, 'details'])->name('checkout');
    Route::post('checkout', [CheckoutController::class, 'keepDetails']);
    Route::get('checkout/delivery', [CheckoutController::class, 'delivery'])->name('delivery');
    Route::post('checkout/delivery', [CheckoutController::class, 'keepDelivery']);
    Route::get('checkout/paying', [CheckoutController::class, 'paying'])->name('paying');
    Route::post('checkout/paying', [CheckoutController::class, 'pay'])->middleware('throttle:paying');
    Route::get('order/{token}', [CheckoutController::class, 'received'])->name('received');
    Route::any('{rest}', [PageController::class, 'nowhere'])->where('rest', '.*')->name('nowhere');
};

Route::middleware([EncryptCookies::class, AddQueuedCookiesToResponse::class, RefuseForeignForms::class, PublicShop::class])
    ->prefix('shop/{storefront}')->name('shop.')->group($pages);

Route::middleware(['web', 'auth', 'auth.session', ChooseStore::class, RefuseForeignForms::class, PreviewShop::class])
    ->prefix('preview/{look}/{moment}/shop/{storefront}')->name('preview.')->group(static function () use ($pages): void {
        Route::get('state/{state}', [StateController::class, 'show'])->where('state', '[a-z-]+');
        Route::get('mail/{mail}', [MailController::class, 'show'])->middleware('can:read-letters')->name('mail');
        $pages();
    });

Route::get(
    config('ikat.files').'/icons/{hash}/{file}',
    [IconController::class, 'show'],
)->where(['hash' => '[0-9a-f]{16}', 'file' => '[a-z0-9.-]+']);
Route::get(config('ikat.files').'/{name}', [FileController::class, 'sheet'])->where('name', '[a-z0-9-]+\.css');
