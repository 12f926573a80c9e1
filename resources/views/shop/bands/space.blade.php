<div class="space"></div>
