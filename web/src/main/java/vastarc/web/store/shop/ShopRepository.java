package vastarc.web.store.shop;

import org.springframework.data.jpa.repository.JpaRepository;

interface ShopRepository extends JpaRepository<Shop, Integer> {}
